<?php

declare(strict_types=1);

namespace Aequus\Days;

use DateTimeImmutable;
use DateTimeZone;

/** The weather of some days that follow each other. Moments are minutes from the first midnight; known to the last one. */
final class Forecast
{
    private const QUARTER = 15;

    /** @var array<int, float> °C at each quarter hour of the clock, as far as anybody asked */
    private array $quarters = [];

    /** @var array<array-key, list<int>> by a temperature, for every quarter hour of the clock the next one that is colder */
    private array $colder = [];

    /** Minutes of the day at which it is coldest and warmest. */
    private const COLDEST = 360;

    private const WARMEST = 900;

    private const DAY = 1440;

    /**
     * @param  string  $first  day, as YYYY-MM-DD
     * @param  non-empty-list<DayWarmth>  $days
     * @param  array<int, WeatherHour>  $hours  by their number from the first midnight; what is not named is still and dry
     */
    public function __construct(public readonly string $first, public readonly array $days, private readonly array $hours = [])
    {
    }

    /** The last moment that is known. */
    public function end(): int
    {
        return count($this->days) * self::DAY;
    }

    public function knows(float $moment): bool
    {
        return $moment >= 0.0 && $moment <= $this->end();
    }

    /** Half a cosine wave from each day’s least to its greatest and on to the next least, °C; the first and the last go on with their own figures. */
    public function temperature(float $moment): float
    {
        $day = (int) min(max(floor($moment / self::DAY), 0), count($this->days) - 1);
        $into = $moment - $day * self::DAY;
        [$today, $before, $next] = [$this->days[$day], $this->days[max(0, $day - 1)], $this->days[min(count($this->days) - 1, $day + 1)]];

        return match (true) {
            $into < self::COLDEST => self::between(
                $before->greatest, $today->least, ($into + self::DAY - self::WARMEST) / (self::DAY - self::WARMEST + self::COLDEST),
            ),
            $into <= self::WARMEST => self::between($today->least, $today->greatest, ($into - self::COLDEST) / (self::WARMEST - self::COLDEST)),
            default => self::between($today->greatest, $next->least, ($into - self::WARMEST) / (self::DAY - self::WARMEST + self::COLDEST)),
        };
    }

    /** Whether it is colder than that on any quarter hour of the clock from one moment to another, both ends with it. */
    public function isBelow(int $from, int $to, float $below): bool
    {
        $colder = $this->colder[(string) $below] ??= $this->nextBelow($below);

        return ($colder[intdiv($from + self::QUARTER - 1, self::QUARTER)] ?? PHP_INT_MAX) * self::QUARTER <= $to;
    }

    /** @return list<int> */
    private function nextBelow(float $below): array
    {
        // Behind everything known there is no quarter hour, and so large a number that no moment reaches it.
        $next = intdiv(PHP_INT_MAX, 2 * self::QUARTER);
        $colder = [];
        for ($quarter = intdiv($this->end(), self::QUARTER); $quarter >= 0; $quarter--) {
            $this->quarters[$quarter] ??= $this->temperature($quarter * self::QUARTER);
            $next = $this->quarters[$quarter] < $below ? $quarter : $next;
            $colder[] = $next;
        }

        return array_reverse($colder);
    }

    /** @param  float  $share  of the way from one to the other */
    private static function between(float $one, float $other, float $share): float
    {
        return $one + ($other - $one) * (1 - cos(M_PI * $share)) / 2;
    }

    /** @return list<WeatherHour> of every hour of the clock that a time from one moment to another touches */
    public function touched(int $from, int $to): array
    {
        $touched = [];
        $still = new WeatherHour;
        for ($hour = intdiv($from, 60); $hour * 60 < $to; $hour++) {
            $touched[] = $this->hours[$hour] ?? $still;
        }

        return $touched;
    }

    /**
     * The same with some days as somebody told them.
     *
     * @param  array<string, array{DayWarmth, array<int, WeatherHour>}>  $told  by the day, as YYYY-MM-DD; its hours from 0 to 23
     */
    public function told(array $told): self
    {
        [$days, $hours] = [$this->days, $this->hours];
        foreach (array_keys($this->days) as $day) {
            [$warmth, $ofDay] = $told[$this->date($day)] ?? [null, []];
            $days[$day] = $warmth ?? $days[$day];
            foreach ($ofDay as $hour => $weather) {
                $hours[24 * $day + $hour] = $weather;
            }
        }

        return new self($this->first, array_values($days), $hours);
    }

    /** The same with every day’s least so much lower. */
    public function withColderNights(float $by): self
    {
        return new self($this->first, array_map(fn (DayWarmth $day) => new DayWarmth($day->least - $by, $day->greatest), $this->days), $this->hours);
    }

    /** Of a local date and time. */
    public function moment(string $at): int
    {
        $utc = new DateTimeZone('UTC');

        return intdiv((new DateTimeImmutable($at, $utc))->getTimestamp() - (new DateTimeImmutable($this->first, $utc))->getTimestamp(), 60);
    }

    /** The local date and time of a moment, as YYYY-MM-DDTHH:MM. */
    public function clock(int $moment): string
    {
        return (new DateTimeImmutable($this->first, new DateTimeZone('UTC')))->modify("{$moment} minutes")->format('Y-m-d\TH:i');
    }

    public function date(int $day): string
    {
        return (new DateTimeImmutable($this->first))->modify("{$day} days")->format('Y-m-d');
    }
}
