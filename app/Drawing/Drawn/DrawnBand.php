<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** A buried line with its no-dig band. */
final readonly class DrawnBand
{
    /** @param  string  $points as an SVG polyline wants them */
    public function __construct(
        public string $points,
        public float $width,
        public string $colour,
        public string $label,
        public float $labelX,
        public float $labelY,
    ) {
    }
}
