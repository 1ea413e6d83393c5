<?php

declare(strict_types=1);

namespace Aequus\Square\Network;

use Aequus\Measure\Refusal;

/** A measure that can't be worked with. */
final class SquareRefused extends Refusal
{
    public static function knownPointsCoincide(): self
    {
        return new self('The two known points are the same place, so two tapes from there cross anywhere. Choose two that stand apart.');
    }

    public static function steeperThanTheTape(): self
    {
        return new self('The height difference is not smaller than the tape’s reading. Check both.');
    }

    public static function stationsCoincide(): self
    {
        return new self('Both offsets were taken at the same place. Take the second one as far away as you can.');
    }

    public static function comparedOverOneLength(): self
    {
        return new self('Both distances are about the same, so a worn hook and a stretched tape look alike. Compare over a short and a long one.');
    }
}
