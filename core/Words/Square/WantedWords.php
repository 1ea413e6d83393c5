<?php

declare(strict_types=1);

namespace Aequus\Words\Square;

use Aequus\Square\Readings\Wanted;

/** What a reading of the list of readings is called. */
final class WantedWords
{
    public static function of(Wanted $wanted): string
    {
        return match (true) {
            $wanted->isTape() => $wanted->ends()->label(),
            $wanted->line !== null => "{$wanted->stake?->label} off {$wanted->line->name}",
            default => "{$wanted->stake?->label} off the string {$wanted->ends()->label()}",
        };
    }
}
