<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

/** How the design is laid over where the stakes stand. */
enum PlacementWay: string
{
    case BaseLine = 'base_line';
    case BestFit = 'best_fit';
    case FewestMoves = 'fewest_moves';
    case Held = 'held';
    /** Held by fixed lines that bind, as far as offsets to them say. */
    case ByLine = 'by_line';
}
