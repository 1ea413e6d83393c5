<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Logbook\Set\LeanMeasure;

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
        public ?LeanMeasure $measure,
    ) {
    }

    public function bubbleX(): float
    {
        return round(80 + $this->offset * 46, 1);
    }
}
