<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Measure\Length;

/** What a building office asks in its district. */
final readonly class District
{
    /**
     * @param  Length  $frost  line
     * @param  Length  $least  depth of any footing
     * @param  float  $wind  design speed, m/s
     * @param  float  $snow  on the ground, lb/ft²
     */
    public function __construct(public string $name, public Length $frost, public Length $least, public float $wind, public float $snow)
    {
    }
}
