<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

/** A label where it was found a place. */
final readonly class DrawnLabel
{
    /**
     * @param  string  $text  pieces of an SVG text
     * @param  array{float, float, float, float}  $box  left, top, right, bottom
     */
    public function __construct(
        public float $x,
        public float $y,
        public string $anchor,
        public string $text,
        public string $class,
        public array $box,
    ) {
    }
}
