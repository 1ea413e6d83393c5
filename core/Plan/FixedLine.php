<?php

declare(strict_types=1);

namespace Aequus\Plan;

/** The one thing on site that will not move, as a straight line on the plan: a wall, a building, a boundary. */
final readonly class FixedLine
{
    /** @throws PlanRefused when both points are one */
    public function __construct(public string $name, public Point $from, public Point $to)
    {
        if ($from->distanceTo($to)->isZero()) {
            throw PlanRefused::fixedLineWithoutLength();
        }
    }
}
