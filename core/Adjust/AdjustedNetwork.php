<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** Where the stations stand, as far as the readings say. Millimetres. */
final readonly class AdjustedNetwork
{
    /**
     * @param  array<string, array{float, float}>  $at  x and y by name
     * @param  array<string, array{float, float}>  $deviations  standard deviation of x and y by name
     * @param  array<string, float>  $residuals  computed less observed, by the reading's id
     * @param  float  $sumOfSquares  of the residuals, each in its standard deviations
     * @param  int  $surplus  readings beyond those the shape needs
     */
    public function __construct(
        public array $at,
        public array $deviations,
        public array $residuals,
        public float $sumOfSquares,
        public int $surplus,
    ) {
    }
}
