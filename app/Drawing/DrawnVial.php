<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Measure\Length;

/** A vial as it looks on one face. */
final readonly class DrawnVial
{
    /** @param  float  $offset of the bubble from the middle, −1 to 1 */
    public function __construct(
        public string $face,
        public string $left,
        public string $right,
        public bool $read,
        public float $offset,
        public bool $within,
        public string $leans,
        public ?Length $gap,
        public ?Length $level,
    ) {
    }

    public function bubbleX(): float
    {
        return round(80 + $this->offset * 46, 1);
    }
}
