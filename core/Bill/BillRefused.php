<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** Something that can’t be bought as it is asked for. */
final class BillRefused extends Refusal
{
    public static function packWithoutContent(string $goods): self
    {
        return new self(Fact::of(BillRefusal::PackWithoutContent, goods: $goods));
    }

    public static function belowZero(string $goods): self
    {
        return new self(Fact::of(BillRefusal::BelowZero, goods: $goods));
    }

    public static function noSuchGoods(string $goods): self
    {
        return new self(Fact::of(BillRefusal::NoSuchGoods, goods: $goods));
    }
}
