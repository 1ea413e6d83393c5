<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;

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

    /** A distance off the line as a signed one, left positive: toward the side on which the plan has the stake. */
    public function offAsPlanned(Point $stake, Length $distance): Length
    {
        [$dx, $dy] = [$this->to->x->minus($this->from->x)->inMillimetres(), $this->to->y->minus($this->from->y)->inMillimetres()];
        $left = $dx * $stake->y->minus($this->from->y)->inMillimetres() - $dy * $stake->x->minus($this->from->x)->inMillimetres() >= 0;

        return $left ? $distance : $distance->negated();
    }
}
