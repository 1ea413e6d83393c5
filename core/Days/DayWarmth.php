<?php

declare(strict_types=1);

namespace Aequus\Days;

/** The least and the greatest temperature of a day, °C. */
final readonly class DayWarmth
{
    /** @throws DaysRefused when the least is above the greatest */
    public function __construct(public float $least, public float $greatest)
    {
        if ($least > $greatest) {
            throw DaysRefused::leastAboveGreatest();
        }
    }
}
