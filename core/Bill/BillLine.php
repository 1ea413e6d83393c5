<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** One line of a bill: what all parts of a job need of the same goods, bought together. */
final readonly class BillLine
{
    /** @param  non-empty-list<string>  $parts  in the order they were named */
    public function __construct(public Goods $goods, public array $parts, public float $needed, public Bought $bought)
    {
    }
}
