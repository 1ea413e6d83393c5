<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** Why the search for mistakes came to its end. */
enum SearchEnd: string
{
    case NoneLeft = 'none_left';
    case Partners = 'partners';
    case NothingToCheck = 'no_degrees_of_freedom';
}
