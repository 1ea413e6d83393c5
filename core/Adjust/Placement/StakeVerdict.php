<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

/** What can be said of one stake, or of all. */
enum StakeVerdict: string
{
    case Out = 'out';
    case Within = 'within';
    case CannotTell = "can't be told yet";
}
