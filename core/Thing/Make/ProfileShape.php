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
    /** What it is built for: a box, a panel, a machine, a swing. */
    case Thing = 'thing';
    /** A wall, a house, old concrete. */
    case Fixed = 'fixed';
    case Road = 'road';
    case Across = 'across';
    case Up = 'up';
}
