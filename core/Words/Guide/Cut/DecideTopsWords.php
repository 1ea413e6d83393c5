<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\DecideTops;

final class DecideTopsWords
{
    public static function of(DecideTops $is): string
    {
        return match ($is) {
            DecideTops::DecideTops => 'Decide where the tops shall be',
            DecideTops::OneHeight => 'One height at {post}, level or falling, and the height of the level line you strike on every post. '
                .'All marks are measured from that line.',
        };
    }
}
