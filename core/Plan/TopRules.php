<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;

/** Where the post tops are to be cut: a height at A1, falling or rising along the two axes, and the level line they are marked from. */
final readonly class TopRules
{
    /**
     * @param  Length  $heightAtA1  above the benchmark’s zero
     * @param  Slope  $alongX  rise per run toward +x
     * @param  Slope  $alongY  rise per run toward +y
     * @param  Length  $datumLine  height above the benchmark’s zero of the level line struck on every post
     */
    public function __construct(
        public Length $heightAtA1,
        public Slope $alongX,
        public Slope $alongY,
        public Length $datumLine,
    ) {
    }

    public function topAt(Point $point): Length
    {
        return $this->heightAtA1->plus($this->alongX->over($point->x))->plus($this->alongY->over($point->y));
    }
}
