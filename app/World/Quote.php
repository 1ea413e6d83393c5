<?php

declare(strict_types=1);

namespace App\World;

/** What a pack of goods holds, and what it costs. */
final readonly class Quote
{
    /**
     * @param  float  $pack  in the unit the bill counts the goods in, above zero
     * @param  int  $price  smallest coins, for the pack
     */
    public function __construct(public float $pack, public int $price)
    {
    }
}
