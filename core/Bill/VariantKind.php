<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** What of a plan is varied to see what it costs. */
enum VariantKind: string
{
    /** All feet on one plane, so much deeper than they need. */
    case Plane = 'plane';
    /** So many bays along the beams, over the same length. */
    case Bays = 'bays';
    /** What beams stand over at both ends. */
    case Overhang = 'overhang';
    /** No board longer than that. */
    case Longest = 'longest';
}
