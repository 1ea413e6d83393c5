<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** A nail, screw or bolt as its sheet has it: how long, and how near to end and edge of the timber it may stand. */
final readonly class Fastener
{
    /**
     * @param  ?Length  $fromEnd  of the member, at least; null where nobody said
     * @param  ?Length  $fromEdge  of member or bearing, at least
     * @param  bool  $isDrilled  whether its hole is drilled first
     *
     * @throws PlanRefused when it has no length, or a distance is below zero
     */
    public function __construct(
        public FastenerKind $kind, public Length $length, public ?Length $fromEnd = null, public ?Length $fromEdge = null,
        public bool $isDrilled = false,
    ) {
        if (! $length->isPositive() || $fromEnd?->isNegative() || $fromEdge?->isNegative()) {
            throw PlanRefused::fastenerWithoutLength();
        }
    }
}
