<?php

declare(strict_types=1);

namespace App\Models;

/** Where a job lies: at hand, put away when it is done, or in the bin, which nothing empties. */
enum Shelf: string
{
    case AtHand = 'at_hand';
    case PutAway = 'put_away';
    case Bin = 'bin';
}
