<?php

declare(strict_types=1);

namespace Aequus\Words\Stock;

use Aequus\Stock\StockRefusal;

/** What was wrong, and what to enter instead. */
final class StockRefusalWords
{
    public static function of(StockRefusal $is): string
    {
        return match ($is) {
            StockRefusal::LongerThanEveryStock => 'A piece of {piece} is longer than every length that is sold. Add a longer one.',
        };
    }
}
