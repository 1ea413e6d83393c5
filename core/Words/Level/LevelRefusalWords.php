<?php

declare(strict_types=1);

namespace Aequus\Words\Level;

use Aequus\Level\LevelRefusal;

/** What was wrong, where, and what to enter instead. */
final class LevelRefusalWords
{
    public static function of(LevelRefusal $is): string
    {
        return match ($is) {
            LevelRefusal::SightsAlike => 'Both places see the pegs over the same difference of distances, so nothing shows. Stand in the '
                .'middle once and close to one peg the other time.',
        };
    }
}
