<?php

declare(strict_types=1);

namespace Aequus\Words\Square;

use Aequus\Square\Network\SquareRefusal;

/** What was wrong, where, and what to enter instead. */
final class SquareRefusalWords
{
    public static function of(SquareRefusal $is): string
    {
        return match ($is) {
            SquareRefusal::KnownPointsCoincide => 'The two known points are the same place, so two tapes from there cross anywhere. '
                .'Choose two that stand apart.',
            SquareRefusal::SteeperThanTheTape => 'The height difference is not smaller than the tape’s reading. Check both.',
            SquareRefusal::StationsCoincide => 'Both offsets were taken at the same place. Take the second one as far away as you can.',
            SquareRefusal::ComparedOverOneLength => 'Both distances are about the same, so a worn hook and a stretched tape look alike. '
                .'Compare over a short and a long one.',
        };
    }
}
