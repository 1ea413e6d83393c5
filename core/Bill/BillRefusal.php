<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** Why something can’t be bought as it is asked for. */
enum BillRefusal
{
    case PackWithoutContent;
    case BelowZero;
    case NoSuchGoods;
}
