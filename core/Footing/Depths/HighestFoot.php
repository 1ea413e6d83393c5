<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;

/** How high the foot of a post may stand at most, and why no higher. */
final readonly class HighestFoot
{
    public function __construct(public Length $level, public DepthRule $rule)
    {
    }
}
