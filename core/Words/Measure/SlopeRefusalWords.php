<?php

declare(strict_types=1);

namespace Aequus\Words\Measure;

use Aequus\Measure\SlopeRefusal;

/** What was wrong, and what to enter instead. */
final class SlopeRefusalWords
{
    public static function of(SlopeRefusal $is): string
    {
        return match ($is) {
            SlopeRefusal::WithoutLength => 'A reading over {over} means nothing. Enter the length of the level, or the run, above zero.',
        };
    }
}
