<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Measure\Length;

/** One way to vary a plan: how many bays and how wide, or by which length. */
final readonly class Variant
{
    public function __construct(public VariantKind $kind, public Length $length, public int $count = 0)
    {
    }
}
