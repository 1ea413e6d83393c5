<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

/** What must be seen before a pour, because nothing measured tells it. */
enum ReadyItem: string
{
    case Inspected = 'inspected';
    case Foot = 'foot';
    case Mix = 'mix';
    case Weather = 'weather';
    case Covered = 'covered';

    /** Whether it matters only where something sets: mix, weather and cover. */
    public function isForConcreteOnly(): bool
    {
        return in_array($this, [self::Mix, self::Weather, self::Covered], true);
    }
}
