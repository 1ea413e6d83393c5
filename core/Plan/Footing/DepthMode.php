<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Fact\Named;

/** Whether each hole goes to its own depth, all feet stand on one level plane, or the feet go down in steps, a plane for every line. */
enum DepthMode: string implements Named
{
    case Own = 'own';
    case CommonPlane = 'common_plane';
    case StepsByColumn = 'steps_by_column';
    case StepsByRow = 'steps_by_row';

    public function inWords(): string
    {
        return match ($this) {
            self::Own => 'each to its own depth',
            self::CommonPlane => 'all feet on one plane',
            self::StepsByColumn => 'steps, one plane for each column',
            self::StepsByRow => 'steps, one plane for each row',
        };
    }
}
