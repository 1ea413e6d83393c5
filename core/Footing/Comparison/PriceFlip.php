<?php

declare(strict_types=1);

namespace Aequus\Footing\Comparison;

/** A price at which another way of choosing depths comes out as cheap. */
final readonly class PriceFlip
{
    /** @param  string  $price  one of DepthPrices::NAMES */
    public function __construct(public string $price, public float $now, public float $at, public DepthWay $way)
    {
    }
}
