<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** A rectangle on a drawing, turned about its middle. */
final readonly class DrawnBox
{
    /** @param  float  $turn  degrees clockwise on the screen */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public float $turn = 0.0,
        public string $class = '',
    ) {
    }
}
