<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Square\Network\SquareRefused;

/** A line set parallel to a wall or boundary by two offsets: how far any of its points must swing about the first. */
final class Parallel
{
    /**
     * @return Length positive away from the reference
     *
     * @throws SquareRefused when both offsets were taken at one station
     */
    public static function move(Length $offset1, Length $station1, Length $offset2, Length $station2, Length $station): Length
    {
        $base = $station2->minus($station1);
        if ($base->isZero()) {
            throw SquareRefused::stationsCoincide();
        }

        return $offset1->minus($offset2)->times($station->minus($station1)->nanometres / $base->nanometres);
    }
}
