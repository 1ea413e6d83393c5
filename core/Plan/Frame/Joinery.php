<?php

declare(strict_types=1);

namespace Aequus\Plan\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** How the members of a layer meet what they lie on. */
final readonly class Joinery
{
    /**
     * @param  ?Length  $seat  how high the notch for a beam is, how thick the plate of its cap, or how wide the seat of a rafter; null for the usual one
     * @param  EndCut  $high  of a sloped member’s high end
     * @param  EndCut  $low  of its low end
     * @param  ?Length  $down  of a brace, its leg down the post where that is another than along the beam
     * @param  ?Fastener  $fastener  at each crossing; null where nobody said which
     * @param  ?Connector  $connector  a cap under a beam, a hanger under a joist, a bracket
     *
     * @throws PlanRefused when one is below zero
     */
    public function __construct(
        public Seating $seating = Seating::OnTop, public ?Length $seat = null, public EndCut $high = EndCut::Plumb,
        public EndCut $low = EndCut::Plumb, public ?Length $down = null,
        public ?Fastener $fastener = null, public ?Connector $connector = null,
    ) {
        if ($seat?->isNegative() || $down?->isNegative()) {
            throw PlanRefused::memberBelowZero();
        }
    }
}
