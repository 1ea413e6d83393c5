<?php

declare(strict_types=1);

namespace Aequus\Words\Bill;

use Aequus\Bill\BillRefusal;

/** What was wrong, where, and what to enter instead. */
final class BillRefusalWords
{
    public static function of(BillRefusal $is): string
    {
        return match ($is) {
            BillRefusal::PackWithoutContent => 'A pack of {goods} holds nothing. Type how much is in one.',
            BillRefusal::BelowZero => 'Of {goods} an amount, a share of waste or a price is below zero.',
            BillRefusal::NoSuchGoods => 'Nobody sells {goods} here. Put it among the goods, or choose another.',
        };
    }
}
