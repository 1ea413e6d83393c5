<?php

declare(strict_types=1);

namespace Aequus\Adjust\Solve;

/** One reading as the solution sees it: how it changes with each unknown, and how far it is from what was computed. */
final readonly class Observation
{
    /**
     * @param  array<int, float>  $row  coefficients by unknown
     * @param  float  $residual  computed less observed
     * @param  bool  $isPrior  what is believed before anything is read: it counts, and is never accused
     */
    public function __construct(
        public string $id,
        public array $row,
        public float $sigma,
        public float $residual,
        public bool $isPrior = false,
    ) {
    }
}
