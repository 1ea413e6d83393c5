<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** What one part of a job needs of something. */
final readonly class Need
{
    /** @param  float  $amount  in the unit of the goods */
    public function __construct(public string $goods, public float $amount, public string $part)
    {
    }
}
