<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** How buried wood is kept from rotting. */
enum WoodCare: string implements Custom
{
    case Factory = 'factory';
    case Charred = 'charred';
    case Brushed = 'brushed';
    case Coated = 'coated';
    case Nothing = 'nothing';
}
