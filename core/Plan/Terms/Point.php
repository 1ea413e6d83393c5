<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

use Aequus\Measure\Length;

/** A place on the plan: x along the base line from A1, y to its left. */
final readonly class Point
{
    public function __construct(public Length $x, public Length $y)
    {
    }

    public function distanceTo(self $other): Length
    {
        return Length::nanometres((int) round(hypot(
            $this->x->nanometres - $other->x->nanometres,
            $this->y->nanometres - $other->y->nanometres,
        )));
    }
}
