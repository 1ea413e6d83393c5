<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\FootingRuleRefusal;
use Aequus\Plan\Terms\PlanRefused;

/** What more must stand in the ground beside frost and embedment, each where there is such a rule. Below finished grade, unless it says otherwise. */
final readonly class LeastDepths
{
    /**
     * @param  ?Length  $today  in today’s ground, before any fill comes
     * @param  ?Length  $local  as the local office asks
     * @param  ?Length  $maker  as whoever made the thing on the posts asks
     * @param  ?Length  $sideways  as a load from the side asks
     * @param  ?Length  $forRole  by which corner, gate, anchor and bracing posts go deeper than the least embedment
     * @param  ?Length  $thing  as the kind of job asks: by a maker’s sheet, or because a bought post is not cut
     *
     * @throws PlanRefused when one is below zero
     */
    public function __construct(
        public ?Length $today = null,
        public ?Length $local = null,
        public ?Length $maker = null,
        public ?Length $sideways = null,
        public ?Length $forRole = null,
        public ?Length $thing = null,
    ) {
        foreach ([$today, $local, $maker, $sideways, $forRole, $thing] as $length) {
            if ($length?->isNegative()) {
                throw PlanRefused::footingRule(FootingRuleRefusal::LeastBelowZero);
            }
        }
    }

    public function asTheThingAsks(?Length $depth): self
    {
        return new self($this->today, $this->local, $this->maker, $this->sideways, $this->forRole, $depth);
    }
}
