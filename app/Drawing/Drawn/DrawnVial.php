<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Logbook\Set\LeanMeasure;

/** A vial as it looks on one face. */
final readonly class DrawnVial
{
    /**
     * @param  float  $offset of the bubble from the middle, −1 to 1
     * @param  ?bool  $within  null where it was not read, or too roughly to tell
     */
    public function __construct(
        public string $face,
        public string $left,
        public string $right,
        public bool $read,
        public float $offset,
        public ?bool $within,
        public string $leans,
        public ?LeanMeasure $measure,
    ) {
    }

    public function state(): string
    {
        return match (true) {
            ! $this->read => 'is-unread',
            $this->within === null => 'is-rough',
            default => $this->within ? 'is-within' : 'is-out',
        };
    }

    public function bubbleX(): float
    {
        return round(80 + $this->offset * 46, 1);
    }
}
