<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Plan\Frame\Air;
use Aequus\Plan\Work\Timber;

/** What fixings are made of, the least that lasts in such air and timber: the usual caution, a maker’s sheet may ask for more. */
enum Metal
{
    case Plated;
    case HotDipZinc;
    case Stainless;

    /** Salt and the acid of oak eat zinc; preservative and rain eat plating. */
    public static function of(Air $air, Timber $timber): self
    {
        return match (true) {
            $air === Air::Salt, $timber === Timber::GreenOak => self::Stainless,
            $air === Air::Wet, $timber === Timber::WetTreated => self::HotDipZinc,
            default => self::Plated,
        };
    }
}
