<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Plan\Holding\Hold;

/** What must be seen before a pour, because nothing measured tells it. */
enum ReadyItem: string
{
    case Inspected = 'inspected';
    case Foot = 'foot';
    /** Anchor in its template, form and bars, where a base is cast in. */
    case Anchor = 'anchor';
    case Mix = 'mix';
    case Weather = 'weather';
    case Covered = 'covered';

    /** Whether it matters where posts are held so: mix, weather and cover where something sets, the anchor where a base is cast in. */
    public function isFor(Hold $hold): bool
    {
        return match ($this) {
            self::Mix, self::Weather, self::Covered => $hold->isPoured(),
            self::Anchor => $hold === Hold::Pier,
            default => true,
        };
    }
}
