<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Measure\Vector;

/** One stake under a placement: how it would have to move, and whether it must. Millimetres. */
final readonly class PlacedStake
{
    /**
     * @param  Vector  $move  along the axes of the ground
     * @param  Vector  $along  the same along the axes of the placed design
     * @param  ErrorEllipse  $ellipse  of the move
     * @param  ?float  $test  square of the move in its standard deviations; null where it is exact
     * @param  float  $counts  length of the move as it compares with the tolerance of the job
     */
    public function __construct(
        public string $name,
        public Vector $move,
        public Vector $along,
        public ErrorEllipse $ellipse,
        public ?float $test,
        public StakeVerdict $verdict,
        public float $counts,
    ) {
    }

    public function size(): float
    {
        return $this->move->length();
    }
}
