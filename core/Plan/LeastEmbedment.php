<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;

/** How much of a post must at least stand in the ground: a length, or a share of the whole post. */
final readonly class LeastEmbedment
{
    private function __construct(
        public Length $length,
        public ?float $share,
        public ?Length $aboveGrade,
    ) {}

    /** @throws PlanRefused when negative */
    public static function length(Length $length): self
    {
        if ($length->isNegative()) {
            throw PlanRefused::footingRule('The least embedment can’t be below zero. Enter 0 where no rule asks for one.');
        }

        return new self($length, null, null);
    }

    /**
     * A share of the whole post with a given height above grade: e = s·a / (1 − s).
     *
     * @throws PlanRefused when the share is not between 0 and 1, or nothing stands above grade
     */
    public static function share(float $share, Length $aboveGrade): self
    {
        if ($share <= 0 || $share >= 1) {
            throw PlanRefused::footingRule('The share in the ground lies between 0 and 1, such as 1/3 or 0.33.');
        }
        if (! $aboveGrade->isPositive()) {
            throw PlanRefused::footingRule('A share of the post needs its height above grade. Enter how much of it will stand above the ground.');
        }

        return new self($aboveGrade->times($share / (1 - $share)), $share, $aboveGrade);
    }
}
