<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Measure\Length;
use Aequus\Plan\Post;

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
}
