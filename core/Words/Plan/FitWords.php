<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Place\MustFit;

/** What something that must fit between two posts is called: by its name, and the leaf of a gate as what it is. */
final class FitWords
{
    public static function name(MustFit $thing): string
    {
        return $thing->isLeaf ? 'gate' : $thing->name;
    }
}
