<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

/** What a piece of a side view is. */
enum ProfileShape: string
{
    case Hole = 'hole';
    case Post = 'post';
    /** Sawn timber across or up: a beam, a rail, a board, an arm. */
    case Timber = 'timber';
    /** A line that may slope, from its left end to its right one: a roof, the outline of a machine. */
    case Roof = 'roof';
    case Outline = 'outline';
    /** What it is built for: a box, a panel, a machine, a swing. */
    case Thing = 'thing';
    /** A wall, a house, old concrete. */
    case Fixed = 'fixed';
    case Road = 'road';
    case Across = 'across';
    case Up = 'up';
}
