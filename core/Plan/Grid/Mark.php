<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;

/** Where the tape reads at one post of a row, all from the same zero. */
final readonly class Mark
{
    public function __construct(
        public Length $nearFace,
        public Length $centre,
        public Length $farFace,
    ) {
    }
}
