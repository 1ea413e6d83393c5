<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

/** A reading that stands alone against all others and was left aside. */
final readonly class Dropped
{
    /** @param  float  $mistake  estimated, read less true, mm */
    public function __construct(
        public string $id,
        public float $standardised,
        public float $mistake,
    ) {
    }
}
