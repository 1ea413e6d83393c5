<?php

declare(strict_types=1);

namespace Aequus\Days;

/** What comes over a site that is left alone, or ends the day on it. */
enum Comes: string
{
    case Dark = 'dark';
    case Gusts = 'gusts';
    case Rain = 'rain';
    case Thunder = 'thunder';
    case Frost = 'frost';
    case HoursEnd = 'hours_end';

    /** Whether all must be safe before it, however long people stay. Frost waits for covers only. */
    public function isHard(): bool
    {
        return ! in_array($this, [self::Frost, self::HoursEnd], true);
    }
}
