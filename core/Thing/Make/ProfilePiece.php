<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Measure\Length;

/** One piece of a side view: from one corner to the other. */
final readonly class ProfilePiece
{
    public function __construct(
        public ProfileShape $shape,
        public Length $left,
        public Length $low,
        public Length $right,
        public Length $high,
    ) {
    }

    /** What a length or a height tells. */
    public function figure(): Length
    {
        return $this->shape === ProfileShape::Up ? $this->high->minus($this->low)->magnitude() : $this->right->minus($this->left)->magnitude();
    }
}
