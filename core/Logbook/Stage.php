<?php

declare(strict_types=1);

namespace Aequus\Logbook;

/** When a post was read for plumb: it turns about its foot while the hole is open, about grade once it is filled. */
enum Stage: string
{
    case HoleOpen = 'hole_open';
    case Filled = 'filled';
}
