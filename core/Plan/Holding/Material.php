<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** What a hole is filled with. A block is bought and laid; all else is poured or tamped. */
enum Material: string
{
    case Gravel = 'gravel';
    case Concrete = 'concrete';
    case Block = 'block';
    case Foam = 'foam';
    case Earth = 'earth';
}
