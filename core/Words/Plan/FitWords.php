<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Place\MustFit;

/** What something that must fit between two posts is called: by its name; the leaf of a gate, and the one machine of a roof, as what they are. */
final class FitWords
{
    public static function name(MustFit $thing): string
    {
        return match (true) {
            $thing->isLeaf => 'gate',
            $thing->name === '' => 'machine',
            default => $thing->name,
        };
    }
}
