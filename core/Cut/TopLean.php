<?php

declare(strict_types=1);

namespace Aequus\Cut;

/** How far the top of a post stands off its stake: slope times height, both ways. */
final readonly class TopLean
{
    /** @param  float  $height of the top above the pivot, mm */
    public function __construct(private float $slopeX, private float $slopeY, private float $height)
    {
    }

    /** @return array{float, float} millimetres along x and y */
    public function offset(): array
    {
        return [$this->slopeX * $this->height, $this->slopeY * $this->height];
    }
}
