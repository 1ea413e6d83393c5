<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Measure\Vector;

/** A place on the plan: x along the base line from A1, y to its left. */
final readonly class Point
{
    public function __construct(public Length $x, public Length $y)
    {
    }

    public function distanceTo(self $other): Length
    {
        return Length::nanometres((int) round(hypot(
            $this->x->nanometres - $other->x->nanometres,
            $this->y->nanometres - $other->y->nanometres,
        )));
    }

    public function inMillimetres(): Vector
    {
        return new Vector($this->x->inMillimetres(), $this->y->inMillimetres());
    }

    /** @return array{int, int} in whole nanometres */
    public function stored(): array
    {
        return [$this->x->nanometres, $this->y->nanometres];
    }

    public static function fromStored(Stored $stored): self
    {
        return new self($stored->length(0, 0), $stored->length(1, 0));
    }
}
