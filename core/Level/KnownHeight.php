<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Adjust\Statistics\NormalDistribution;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Measure\Length;

/** How high a point is, and how well that is known. */
final readonly class KnownHeight
{
    /** @param  float  $sigma  standard deviation, mm; zero for a benchmark */
    public function __construct(public LevelPoint $point, public Length $height, public float $sigma)
    {
    }

    /** 19 times in 20 the true height is no further away than this. */
    public function within(): Length
    {
        return Length::millimetres(NormalDistribution::WITHIN_95 * $this->sigma);
    }
}
