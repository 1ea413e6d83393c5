<?php

declare(strict_types=1);

namespace Aequus\Days;

/** Where a site lies, as far as its daylight goes. */
final readonly class OnEarth
{
    /**
     * @param  float  $latitude  degrees, north positive
     * @param  float  $longitude  degrees, east positive
     * @param  int  $offset  of its clock from UTC, minutes
     */
    public function __construct(public float $latitude, public float $longitude, public int $offset)
    {
    }
}
