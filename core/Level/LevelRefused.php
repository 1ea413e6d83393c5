<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Refusal;

/** A levelling sum that can’t be worked out. */
final class LevelRefused extends Refusal
{
    public static function sightsAlike(): self
    {
        return new self('Both places see the pegs over the same difference of distances, so nothing shows. Stand in the middle once and close to one peg the other time.');
    }
}
