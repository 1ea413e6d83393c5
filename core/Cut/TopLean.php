<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Vector;

/** How far the top of a post stands off its stake: slope times height, both ways. */
final readonly class TopLean
{
    /** @param  float  $height of the top above the pivot, mm */
    public function __construct(private float $slopeX, private float $slopeY, private float $height)
    {
    }

    /** In millimetres. */
    public function offset(): Vector
    {
        return new Vector($this->slopeX * $this->height, $this->slopeY * $this->height);
    }
}
