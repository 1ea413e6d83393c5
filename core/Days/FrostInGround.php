<?php

declare(strict_types=1);

namespace Aequus\Days;

/**
 * How deep frost has gone by the cold that came (Stefan’s equation, with soil as it usually is: moist, bare): √(2·k·n·F/L), F the degree days below
 * freezing since the last time they were all thawed away. About right at best: whoever pours looks into the hole.
 */
final readonly class FrostInGround
{
    /** Of frozen moist soil, W/(m·K). */
    private const CONDUCTS = 1.8;

    /** Of the cold in the air, what comes to bare ground. */
    private const SURFACE = 0.7;

    /** Latent heat of the water in a cubic metre: 15 in a hundred of 1600 kg, J. */
    private const LATENT = 334_000 * 240;

    private const SECONDS_A_DAY = 86_400;

    /** Degree days below freezing, °C. */
    public float $degreeDays;

    public float $millimetres;

    /** @param  list<DayWarmth>  $days  up to today */
    public function __construct(array $days)
    {
        $sum = 0.0;
        foreach ($days as $day) {
            // Warm days thaw what cold ones froze.
            $sum = max(0.0, $sum - ($day->least + $day->greatest) / 2);
        }
        $this->degreeDays = $sum;
        $this->millimetres = 1000 * sqrt(2 * self::CONDUCTS * self::SURFACE * $sum * self::SECONDS_A_DAY / self::LATENT);
    }
}
