<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

/** How something stiffens a frame: level between two posts, aslant under a beam, or aslant to the ground. */
enum BraceKind: string
{
    case Tie = 'tie';
    case Knee = 'knee';
    case Prop = 'prop';
}
