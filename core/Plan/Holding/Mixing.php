<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** Where the bags meet their water. */
enum Mixing: string implements Custom
{
    case Before = 'before';
    case WetInTheHole = 'wet_in_the_hole';
    case DryInTheHole = 'dry_in_the_hole';
}
