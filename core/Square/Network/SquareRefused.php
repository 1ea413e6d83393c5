<?php

declare(strict_types=1);

namespace Aequus\Square\Network;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** A measure that can't be worked with. */
final class SquareRefused extends Refusal
{
    public static function knownPointsCoincide(): self
    {
        return new self(Fact::of(SquareRefusal::KnownPointsCoincide));
    }

    public static function steeperThanTheTape(): self
    {
        return new self(Fact::of(SquareRefusal::SteeperThanTheTape));
    }

    public static function stationsCoincide(): self
    {
        return new self(Fact::of(SquareRefusal::StationsCoincide));
    }

    public static function comparedOverOneLength(): self
    {
        return new self(Fact::of(SquareRefusal::ComparedOverOneLength));
    }
}
