<?php

declare(strict_types=1);

namespace Aequus\Footing\Loads;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;

/** The pad that a load needs on a soil. */
final readonly class Bearing
{
    /** ft² */
    public float $area;

    public Length $roundDiameter;

    /** @param  float  $pounds  at allowable-stress level */
    public function __construct(public float $pounds, public float $allowed)
    {
        $this->area = $pounds / $allowed;
        $this->roundDiameter = Length::feet(sqrt(4 * $this->area / M_PI));
    }

    public static function on(float $pounds, Soil $soil): self
    {
        return new self($pounds, $soil->bearing());
    }
}
