<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Fact\Named;

/** What must be seen before a pour, because nothing measured tells it. */
enum ReadyItem: string implements Named
{
    case Inspected = 'inspected';
    case Foot = 'foot';
    case Mix = 'mix';
    case Weather = 'weather';
    case Covered = 'covered';

    public function inWords(): string
    {
        return match ($this) {
            self::Inspected => 'inspected, or no inspection is asked for',
            self::Foot => 'foot clean, tamped, seated flat and centred',
            self::Mix => 'mix and water on site',
            self::Weather => 'no frost or storm before it has set',
            self::Covered => 'cover at hand for the night',
        };
    }

    /** Whether it matters only where something sets: mix, weather and cover. */
    public function isForConcreteOnly(): bool
    {
        return in_array($this, [self::Mix, self::Weather, self::Covered], true);
    }
}
