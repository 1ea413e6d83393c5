<?php

declare(strict_types=1);

namespace Aequus\Plan\Part;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** A gate in a row: in which of its sections, how far from that section’s first corner its hinge post stands, its leaf and the gap on either side. */
final readonly class RowGate
{
    /**
     * @param  int  $section  from 1
     * @param  Length  $from  corner to the centre of the hinge post
     *
     * @throws PlanRefused when it has no leaf, or a figure is below zero
     */
    public function __construct(public int $section, public Length $from, public Length $leaf, public Length $gap)
    {
        if (! $leaf->isPositive() || $from->isNegative() || $gap->isNegative()) {
            throw PlanRefused::gateWithoutLeaf();
        }
    }

    /** From the centre of the hinge post to that of the latch post. */
    public function centres(Length $post): Length
    {
        return $this->leaf->plus($this->gap->times(2))->plus($post);
    }
}
