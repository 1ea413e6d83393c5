<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** When the holes are filled. */
enum FillOrder: string implements Custom
{
    case AllThenFill = 'all_then_fill';
    case EachAsItStands = 'each_as_it_stands';
}
