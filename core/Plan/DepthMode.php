<?php

declare(strict_types=1);

namespace Aequus\Plan;

/** Whether each hole goes to its own depth, or all feet stand on one level plane. */
enum DepthMode: string
{
    case Own = 'own';
    case CommonPlane = 'common_plane';
}
