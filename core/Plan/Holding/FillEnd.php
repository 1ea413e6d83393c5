<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** Where the fill of a hole ends. */
enum FillEnd: string implements Custom
{
    case Flush = 'flush';
    case BelowTurf = 'below_turf';
    case Mounded = 'mounded';
}
