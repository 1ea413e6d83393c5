<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

/** Whether each hole goes to its own depth, all feet stand on one level plane, or the feet go down in steps, a plane for every line. */
enum DepthMode: string
{
    case Own = 'own';
    case CommonPlane = 'common_plane';
    case StepsByColumn = 'steps_by_column';
    case StepsByRow = 'steps_by_row';
}
