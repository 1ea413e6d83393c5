<?php

declare(strict_types=1);

namespace Aequus\Days;

/** What an hour of the clock brings. */
final readonly class WeatherHour
{
    /**
     * @param  float  $rain  mm
     * @param  float  $gust  m/s
     */
    public function __construct(public float $rain = 0.0, public float $gust = 0.0, public bool $thunder = false)
    {
    }
}
