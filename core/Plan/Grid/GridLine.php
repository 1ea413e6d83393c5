<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;

/** One string of the grid. Its id outlives revisions; its letter or number does not. */
final readonly class GridLine
{
    public function __construct(public string $id, public Length $at)
    {
    }
}
