<?php

declare(strict_types=1);

namespace Aequus\Square;

/** What four sides and two diagonals say of an outline. */
enum OutlineVerdict: string
{
    case NothingRead = 'nothing_read';
    case ReadingsMissing = 'readings_missing';
    case ReadTwiceDiffers = 'read_twice_differs';
    case Contradiction = 'contradiction';
    case Racked = 'racked';
    case SidesOff = 'sides_off';
    case TapeTooRough = 'tape_too_rough';
    case Square = 'square';
}
