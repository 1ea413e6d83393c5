<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;
use Aequus\Measure\Refusal;

/** A piece that none of the lengths sold yields. */
final class StockRefused extends Refusal
{
    public static function longerThanEveryStock(Length $piece): self
    {
        return new self(Fact::of(StockRefusal::LongerThanEveryStock, piece: $piece));
    }
}
