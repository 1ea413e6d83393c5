<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** How much of something is bought: whole packs, in its own unit. */
final readonly class Bought
{
    /** @param  ?int  $coins  in smallest coins, rounded once, halves away from zero; null without a price */
    public function __construct(public float $withWaste, public int $packs, public float $amount, public float $leftOver, public ?int $coins)
    {
    }
}
