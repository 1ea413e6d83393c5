<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;

/** A place on the plan and how high the ground is there. */
final readonly class GroundPoint
{
    public function __construct(public Point $at, public Length $height)
    {
    }
}
