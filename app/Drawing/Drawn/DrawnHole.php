<?php

declare(strict_types=1);

namespace App\Drawing\Drawn;

use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;

/** One hole in a section, in drawing units; y grows downward. */
final readonly class DrawnHole
{
    /**
     * @param  string  $pit  its outline, as an SVG polygon wants it
     * @param  list<DrawnFill>  $fills  what is or will be in it, from the back
     * @param  string  $state  to-dig, dug or short
     * @param  string  $depth  already typeset
     */
    public function __construct(
        public Post $post,
        public float $x,
        public float $half,
        public float $groundY,
        public float $bottomY,
        public float $requiredY,
        public string $pit,
        public Hold $hold,
        public array $fills,
        public DrawnFill $timber,
        public string $state,
        public string $depth,
        public bool $set,
        public bool $isLast,
    ) {
    }

    /** Where its words stand: beside it, and before the last for want of room behind. */
    public function labelX(): float
    {
        return $this->x + ($this->isLast ? -1 : 1) * ($this->half + 5);
    }

    /** Of its depth; that of the last stands lower, clear of its neighbour’s. */
    public function labelY(): float
    {
        return ($this->groundY + $this->requiredY) / 2 + ($this->isLast ? 29 : 5);
    }
}
