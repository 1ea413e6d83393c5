<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;

/** What two unequal diagonals say of an outline whose opposite sides are alike. Corners A, B along the base line, C, D. */
final class Rack
{
    /** How far the far side D–C must shift along x to make the diagonals equal: (BD² − AC²) / 4L, positive lengthens AC. */
    public static function farSideShift(Length $ac, Length $bd, Length $length): Length
    {
        return Length::nanometres((int) round(($bd->nanometres - $ac->nanometres) * ($bd->nanometres + $ac->nanometres) / (4 * $length->nanometres)));
    }

    /** By how much a far side that is off changes the difference of the diagonals: 4Ls / (AC + BD). */
    public static function diagonalDifference(Length $farSideOff, Length $length, Length $ac, Length $bd): Length
    {
        return $farSideOff->times(4 * $length->nanometres / ($ac->nanometres + $bd->nanometres));
    }
}
