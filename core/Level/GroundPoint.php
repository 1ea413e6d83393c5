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

    /**
     * @param  non-empty-list<self>  $points
     * @return int which of them; of equals the first
     */
    public static function highest(array $points): int
    {
        $heights = array_map(fn (self $point) => $point->height->nanometres, $points);

        return (int) array_search(max($heights), $heights, true);
    }

    /**
     * @param  non-empty-list<self>  $points
     * @return int which of them; of equals the first
     */
    public static function lowest(array $points): int
    {
        $heights = array_map(fn (self $point) => $point->height->nanometres, $points);

        return (int) array_search(min($heights), $heights, true);
    }
}
