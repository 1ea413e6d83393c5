<?php

declare(strict_types=1);

namespace Aequus\Stock;

/** Why pieces can’t be had from the lengths that are sold. */
enum StockRefusal
{
    case LongerThanEveryStock;
}
