<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** In what goods are counted. */
enum WareUnit
{
    case Piece;
    case Weight;
    case Length;
    case Liquid;
    case Day;
}
