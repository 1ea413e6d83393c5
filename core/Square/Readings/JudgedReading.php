<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

/** What all the others say of one reading. Millimetres. */
final readonly class JudgedReading
{
    /**
     * @param  float  $off  read less computed
     * @param  float  $checked  the share of its own mistake that the others show, 0 to 1
     * @param  ?float  $standardised  off in its own standard deviations; null where nothing checks it
     */
    public function __construct(
        public float $off,
        public float $sigma,
        public float $checked,
        public ?float $standardised,
    ) {
    }
}
