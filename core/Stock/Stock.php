<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/** A length of something as it is sold, with its price in the buyer’s money. */
final readonly class Stock
{
    public function __construct(public Length $length, public float $price)
    {
    }
}
