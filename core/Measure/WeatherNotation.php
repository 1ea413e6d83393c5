<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** Rain and wind in the units of a job: millimetres an hour and metres a second, or inches an hour and miles an hour. */
final readonly class WeatherNotation
{
    private const MM_IN_AN_INCH = 25.4;

    /** m/s in a mile an hour. */
    private const MILE_AN_HOUR = 0.44704;

    private bool $isMetric;

    public function __construct(Unit $unit)
    {
        $this->isMetric = $unit->system()->isMetric;
    }

    /** @param  float  $mm  in an hour */
    public function rain(float $mm): string
    {
        return $this->isMetric ? round($mm, 1)."\u{202F}mm" : round($mm / self::MM_IN_AN_INCH, 2)."\u{202F}in";
    }

    /** @param  float  $speed  m/s */
    public function gust(float $speed): string
    {
        return $this->isMetric ? round($speed)."\u{202F}m/s" : round($speed / self::MILE_AN_HOUR)."\u{202F}mph";
    }

    /** @return float mm in an hour */
    public function rainOf(float $typed): float
    {
        return $this->isMetric ? $typed : $typed * self::MM_IN_AN_INCH;
    }

    /** @return float m/s */
    public function gustOf(float $typed): float
    {
        return $this->isMetric ? $typed : $typed * self::MILE_AN_HOUR;
    }

    /** The figure alone, as a field takes it. */
    public function typedRain(float $mm): string
    {
        return (string) ($this->isMetric ? round($mm, 1) : round($mm / self::MM_IN_AN_INCH, 2));
    }

    public function typedGust(float $speed): string
    {
        return (string) ($this->isMetric ? round($speed, 1) : round($speed / self::MILE_AN_HOUR, 1));
    }

    public function rainSign(): string
    {
        return $this->isMetric ? 'mm' : 'in';
    }

    public function gustSign(): string
    {
        return $this->isMetric ? 'm/s' : 'mph';
    }
}
