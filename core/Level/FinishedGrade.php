<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;

/** The surface the ground is brought to: level, or falling evenly toward one side of the plan. */
final readonly class FinishedGrade
{
    /**
     * @param  Length  $height  at the first post, above zero
     * @param  float  $fall  length down per length along
     */
    public function __construct(private Length $height, private ?Side $toward = null, private float $fall = 0.0)
    {
    }

    public function at(Point $point): Length
    {
        if ($this->toward === null) {
            return $this->height;
        }
        $along = $this->toward->isAlongX() ? $point->x : $point->y;

        return $this->height->minus($along->times($this->fall * $this->toward->sign()));
    }
}
