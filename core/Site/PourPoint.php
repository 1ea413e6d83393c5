<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Logbook\Set\ReadyItem;

/** What must be so before a post is filled: measured, or seen by somebody (those have the values of ReadyItem). */
enum PourPoint: string
{
    case HoleDeep = 'hole-deep';
    case OnItsMark = 'on-its-mark';
    case Braced = 'braced';
    case Plumb = 'plumb';
    case AllPlumb = 'all-plumb';
    case Inspected = 'inspected';
    case Foot = 'foot';
    case Anchor = 'anchor';
    case Mix = 'mix';
    case Weather = 'weather';
    case Covered = 'covered';
    case MeasuredAgain = 'measured-again';

    public static function seen(ReadyItem $item): self
    {
        return self::from($item->value);
    }
}
