<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Unit;

/** How close is close enough, by what stands on the posts. Defaults a builder may change. */
enum ToleranceClass: string
{
    case Joinery = 'joinery';
    case Framing = 'framing';
    case Building = 'building';
    case Fence = 'fence';

    /** How far a stake may stand from its place: the customary figure in the job's own unit. */
    public function squareness(Unit $unit): Length
    {
        return $unit->system()->tolerances[$this->value];
    }

    /** n of the plumb limit 1 in n. */
    public function plumbOneIn(): int
    {
        return match ($this) {
            self::Joinery => 500, self::Framing => 300, self::Building => 200, self::Fence => 100
        };
    }
}
