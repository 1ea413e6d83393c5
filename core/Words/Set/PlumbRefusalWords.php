<?php

declare(strict_types=1);

namespace Aequus\Words\Set;

use Aequus\Set\PlumbRefusal;

/** What was wrong, where, and what to enter instead. */
final class PlumbRefusalWords
{
    public static function of(PlumbRefusal $is): string
    {
        return match ($is) {
            PlumbRefusal::NoLevelLength => 'The gap on the {face} face was read over no length. Enter the length of the level.',
        };
    }
}
