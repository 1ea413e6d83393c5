<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;

/** One stage of filling a hole, short enough to be read from a step away. */
final readonly class PourStep
{
    /**
     * @param  ?Length  $below  the ground, up to where it is filled then, above it negative; null where nothing is filled
     * @param  ?int  $bags  that are in by then
     * @param  ?int  $within  minutes from the beginning of the fill in which it must be done; null where nothing presses
     */
    public function __construct(public Fact $do, public ?Length $below = null, public ?int $bags = null, public ?int $within = null)
    {
    }
}
