<?php

declare(strict_types=1);

namespace Aequus\Plan\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\FootingRuleRefusal;
use Aequus\Plan\Terms\PlanRefused;

/** How much of a post must at least stand in the ground: a length, or a share of the whole post. */
final readonly class LeastEmbedment
{
    private function __construct(
        public ?Length $length,
        public ?float $share,
    ) {
    }

    /** @throws PlanRefused when negative */
    public static function length(Length $length): self
    {
        if ($length->isNegative()) {
            throw PlanRefused::footingRule(FootingRuleRefusal::EmbedmentBelowZero);
        }

        return new self($length, null);
    }

    /** @throws PlanRefused when the share is not between 0 and 1 */
    public static function share(float $share): self
    {
        if ($share <= 0 || $share >= 1) {
            throw PlanRefused::footingRule(FootingRuleRefusal::ShareOutOfRange);
        }

        return new self(null, $share);
    }

    /** For a post that stands so high above grade; a share s of the whole post is e = s·a / (1 − s). */
    public function below(Length $aboveGrade): Length
    {
        return $this->length ?? $aboveGrade->times($this->share / (1 - $this->share));
    }
}
