<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;

/** A straight thing next to the job that posts must keep away from: a boundary, a wall, the edge of a road. */
final readonly class Neighbour
{
    /**
     * @param  Length  $least  from it to the nearest face of any post
     *
     * @throws PlanRefused when it is not a line, or the distance is negative
     */
    public function __construct(public string $name, public Point $from, public Point $to, public Length $least)
    {
        if ($from->distanceTo($to)->isZero()) {
            throw PlanRefused::fixedLineWithoutLength();
        }
        if ($least->isNegative()) {
            throw PlanRefused::neighbourNegative($name);
        }
    }
}
