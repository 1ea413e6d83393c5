<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** Two stakes a tape is pulled between, and what it must read if both stand where the plan has them. */
final readonly class Pair
{
    public function __construct(public Post $from, public Post $to)
    {
    }

    public function planned(): Length
    {
        return $this->from->at->distanceTo($this->to->at);
    }

    public function label(): string
    {
        return $this->from->label.'–'.$this->to->label;
    }

    /** Whether it runs up toward +y as it goes toward +x: of the two diagonals of a bay one does. */
    public function rises(): bool
    {
        [$dx, $dy] = [$this->to->at->x->minus($this->from->at->x)->nanometres, $this->to->at->y->minus($this->from->at->y)->nanometres];

        return ($dx > 0 && $dy > 0) || ($dx < 0 && $dy < 0);
    }
}
