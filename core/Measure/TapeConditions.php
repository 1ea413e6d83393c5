<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** How a steel tape was held: what makes it lie. The defaults are a common 12 mm steel tape at its calibrated pull, lying on level ground. */
final readonly class TapeConditions
{
    /**
     * @param  ?float  $celsius  null when temperature is left out of account
     * @param  ?float  $newtons  pull; null when it is the calibrated one
     * @param  list<Length>  $hanging  spans that hang free
     * @param  bool  $hangsWhole  whether the reading hangs free over its whole length
     * @param  float  $calibratedNewtons  pull at which the tape is true
     * @param  float  $weight  N per metre
     * @param  float  $area  of the cross section, mm²
     * @param  float  $modulus  of elasticity, N/mm²
     */
    public function __construct(
        public ?float $celsius = null,
        public ?float $newtons = null,
        public array $hanging = [],
        public bool $hangsWhole = false,
        public float $calibratedNewtons = 50.0,
        public float $weight = 0.15,
        public float $area = 2.5,
        public float $modulus = 200_000.0,
    ) {
    }
}
