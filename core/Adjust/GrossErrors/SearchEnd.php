<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

/** Why the search for mistakes came to its end. */
enum SearchEnd: string
{
    case NoneLeft = 'none_left';
    case Partners = 'partners';
    /** No one and no two are accused: all of them scatter more than their class. */
    case Rough = 'rough';
    /** Three readings or more are wrong: which ones can’t be told from these. */
    case MoreThanTwo = 'more_than_two';
    /** Fixed lines contradict each other by more than any reading explains: they are settled first. */
    case LinesFirst = 'lines_first';
    case NothingToCheck = 'no_degrees_of_freedom';
}
