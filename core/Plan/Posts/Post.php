<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

use Aequus\Plan\Terms\Point;

/** One post of the grid: who it is, what this revision calls it, and where its centre stands. */
final readonly class Post
{
    public function __construct(
        public PostId $id,
        public string $label,
        public Point $at,
    ) {
    }
}
