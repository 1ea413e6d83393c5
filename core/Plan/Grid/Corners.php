<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** The outline by its corner posts: a the origin, b along the base line, c the far corner, d back along the first column. */
final readonly class Corners
{
    public function __construct(
        public Post $a,
        public Post $b,
        public Post $c,
        public Post $d,
    ) {
    }

    public function length(): Length
    {
        return $this->a->at->distanceTo($this->b->at);
    }

    public function width(): Length
    {
        return $this->a->at->distanceTo($this->d->at);
    }
}
