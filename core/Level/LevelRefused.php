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

    public static function levelOffTheString(): self
    {
        return new self('The line level hangs on the string between its two ends. Enter how far from the first point, within the string’s length.');
    }
}
