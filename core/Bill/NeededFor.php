<?php

declare(strict_types=1);

namespace Aequus\Bill;

/** Before which part of the work goods must lie on the site, in the order of the work. */
enum NeededFor: string
{
    case Layout = 'layout';
    case Holes = 'holes';
    case Posts = 'posts';
    case Frame = 'frame';
    case Roof = 'roof';
}
