<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;

/** Whether the line of sight of a laser or optical level is level: the same two pegs read from two places. */
final class TwoPegTest
{
    /**
     * @param  Length  $a1  rod on peg A from the first place
     * @param  Length  $toA1  how far A was from there
     * @return Slope positive when the line of sight rises
     *
     * @throws LevelRefused when both places see the pegs at the same difference of distances
     */
    public static function error(Length $a1, Length $b1, Length $a2, Length $b2, Length $toA1, Length $toB1, Length $toA2, Length $toB2): Slope
    {
        $sights = $toA1->minus($toB1)->minus($toA2->minus($toB2));
        if ($sights->isZero()) {
            throw LevelRefused::sightsAlike();
        }

        return Slope::ratio($a1->minus($b1)->minus($a2->minus($b2))->nanometres / $sights->nanometres);
    }
}
