<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

use Aequus\Measure\Length;

/** How close a post must stand to its place: across the string that runs through it and, in a row where that may be more, along it. */
final readonly class Closeness
{
    /** Along the row; as much as across where nothing else was said. */
    public Length $along;

    /** @throws PlanRefused when a post may be off by nothing, or by less along the row than across it */
    public function __construct(public Length $across, ?Length $along = null)
    {
        $this->along = $along ?? $across;
        if (! $across->isPositive()) {
            throw PlanRefused::toleranceNotPositive();
        }
        if ($this->along->isShorterThan($across)) {
            throw PlanRefused::closerAlongThanAcross();
        }
    }
}
