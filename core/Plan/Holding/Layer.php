<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;

/** One material between two heights above the bottom of a hole. */
final readonly class Layer
{
    public function __construct(
        public Material $material,
        public Length $from,
        public Length $to,
        public LayerTime $time,
        public LayerPlace $place = LayerPlace::Hole,
    ) {
    }

    public function height(): Length
    {
        return $this->to->minus($this->from);
    }
}
