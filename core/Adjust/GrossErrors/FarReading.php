<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Measure\Guess;

/** A distance too far from the plan to enter an adjustment before somebody confirmed it. Millimetres. */
final readonly class FarReading
{
    /**
     * @param  float  $misfit  read less planned
     * @param  list<Guess>  $guesses  nearest first
     */
    public function __construct(
        public string $id,
        public float $planned,
        public float $misfit,
        public array $guesses,
    ) {
    }
}
