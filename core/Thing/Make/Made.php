<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

use Aequus\Fact\Fact;
use Aequus\Plan\Plan;

/** What the answers come to: an ordinary plan, the figures behind it, and the thing seen from the side. */
final readonly class Made
{
    /** @param  non-empty-list<Fact>  $figures  each a Figure with its parts */
    public function __construct(public Plan $plan, public array $figures, public Profile $profile)
    {
    }
}
