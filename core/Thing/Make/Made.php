<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Fact\Fact;
use Aequus\Plan\Plan;

/** What the answers come to: an ordinary plan, the figures behind it, and the thing seen from the side. */
final readonly class Made
{
    /** @var non-empty-list<Fact> each a Figure with its parts, those of the work last */
    public array $figures;

    /** @param  non-empty-list<Fact>  $figures  of the thing itself */
    public function __construct(public Plan $plan, array $figures, public Profile $profile)
    {
        $this->figures = [...$figures, ...WorkFigures::of($plan)];
    }
}
