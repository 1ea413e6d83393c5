<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** A reading on the working drawing. */
final readonly class DrawnReading
{
    /**
     * @param  string  $state  as in the list of readings
     * @param  string  $words  for those who can’t see it
     */
    public function __construct(
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public string $key,
        public string $state,
        public string $words,
        public bool $next,
        public bool $isTape,
        public bool $chosen,
    ) {
    }
}
