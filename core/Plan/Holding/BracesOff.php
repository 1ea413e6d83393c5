<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** When braces come off. The bag’s label and cold weather come before it. */
enum BracesOff: string implements Custom
{
    case Day = 'day';
    case Night = 'night';
    case Hour = 'hour';
    case Minutes = 'minutes';
}
