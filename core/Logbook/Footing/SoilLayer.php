<?php

declare(strict_types=1);

namespace Aequus\Logbook\Footing;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;

/** A layer of soil in a hole, down to a depth from today’s ground. */
final readonly class SoilLayer
{
    public function __construct(public Soil $soil, public Length $to)
    {
    }
}
