<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** Where the batter boards stand: back from the outer posts, clear of the auger, all at one height. */
final readonly class BoardRules
{
    /**
     * @param  Length  $setback  from the centre of the outer posts to the board
     * @param  Length  $length  of a board
     * @param  ?Length  $height  of its top above the benchmark’s zero; null where not decided
     *
     * @throws PlanRefused when a board has no length, or stands among the holes
     */
    public function __construct(public Length $setback, public Length $length, public ?Length $height = null)
    {
        if (! $length->isPositive()) {
            throw PlanRefused::boardWithoutLength();
        }
    }
}
