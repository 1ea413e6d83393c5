<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** A place over the plan: x and y as on the plan, z above the ground at A1, mm. */
final readonly class InSpace
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    /** Halfway to another. */
    public function middle(self $other): self
    {
        return new self(($this->x + $other->x) / 2, ($this->y + $other->y) / 2, ($this->z + $other->z) / 2);
    }
}
