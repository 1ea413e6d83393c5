<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Solve\ErrorEllipse;

/** One stake under a placement: how it would have to move, and whether it must. Millimetres. */
final readonly class PlacedStake
{
    /**
     * @param  float  $x  move along x of the ground
     * @param  float  $alongX  move along x of the placed design
     * @param  ErrorEllipse  $ellipse  of the move
     * @param  ?float  $test  square of the move in its standard deviations; null where it is exact
     */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $alongX,
        public float $alongY,
        public ErrorEllipse $ellipse,
        public ?float $test,
        public StakeVerdict $verdict,
    ) {
    }

    public function size(): float
    {
        return hypot($this->x, $this->y);
    }
}
