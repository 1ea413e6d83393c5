<?php

declare(strict_types=1);

namespace Aequus\Plan\Work;

/** What posts are made of, as far as their weight goes. */
enum Timber: string
{
    case WetTreated = 'wet_treated';
    case DrySoftwood = 'dry_softwood';
    case Hardwood = 'hardwood';
    case GreenOak = 'green_oak';

    /** kg/m³, as it comes from the yard. */
    public function density(): float
    {
        return match ($this) {
            self::DrySoftwood => 500.0, self::WetTreated => 700.0, self::Hardwood => 750.0, self::GreenOak => 1000.0
        };
    }
}
