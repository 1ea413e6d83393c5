<?php

declare(strict_types=1);

namespace App\Drawing;

/** A straight line on a drawing, with a class that says what it is and, where wanted, a typeset label. */
final readonly class DrawnLine
{
    public function __construct(
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
        public string $class,
        public string $label = '',
    ) {
    }

    public function labelX(): float
    {
        return round(0.62 * $this->x1 + 0.38 * $this->x2, 1);
    }

    public function labelY(): float
    {
        return round(0.62 * $this->y1 + 0.38 * $this->y2 - 6, 1);
    }
}
