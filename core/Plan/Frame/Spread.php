<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** How joists or purlins are spread: evenly and none further apart than was said, or at that distance with what remains in the last bay. */
final readonly class Spread
{
    /**
     * @param  bool  $atCentres  exactly so far apart, whatever remains
     * @param  ?Length  $offset  of the outer ones from both ends
     * @param  list<int>  $leftOut  numbers from the first end, of places where none is put: a hatch, a tree; rails by their row, panels and braces by their number
     *
     * @throws PlanRefused when the offset is below zero
     */
    public function __construct(public bool $atCentres = false, public ?Length $offset = null, public array $leftOut = [])
    {
        if ($offset?->isNegative()) {
            throw PlanRefused::memberBelowZero();
        }
    }

    public function offset(): Length
    {
        return $this->offset ?? Length::zero();
    }
}
