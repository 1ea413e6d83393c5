<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

/** What weighs on a post from one roof or floor, lb/ft². */
final readonly class RoofOrFloor
{
    public function __construct(public float $dead, public float $live, public float $snow)
    {
    }

    /** Dead, and the larger of live and snow. In lb. */
    public function load(float $area): float
    {
        return $area * ($this->dead + max($this->live, $this->snow));
    }
}
