<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

/** How the builder wants the plan laid over the stakes to judge them. */
enum ChosenPlacement: string
{
    case BaseLine = 'base_line';
    case BestFit = 'best_fit';
    case FewestMoves = 'fewest_moves';
    case ByLine = 'by_line';
}
