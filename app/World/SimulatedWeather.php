<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\WeatherHour;
use Closure;
use DateTimeImmutable;

/**
 * Invented weather of a temperate place, by seed, place and date: warm and cold with the year, some days wet, some windy, now and then thunder in
 * summer.
 */
final readonly class SimulatedWeather implements WeatherStation
{
    /** Mean over the year and half the way from winter to summer, °C. */
    private const MEAN = 9.0;

    private const SWING = 9.0;

    /** Day of the year on which it is warmest. */
    private const WARMEST = 200;

    public function __construct(private int $seed = 1)
    {
    }

    public function isMadeUp(): bool
    {
        return true;
    }

    public function year(int $number, string $first, int $days, string $where): Forecast
    {
        return $this->forecast($first, $days, "{$where}, year {$number}");
    }

    public function warmth(int $number, string $first, int $days, string $where): Forecast
    {
        return new Forecast($first, array_map(fn (DateTimeImmutable $date) => $this->ofDay($date, "{$where}, year {$number}"), self::dates($first, $days)));
    }

    public function forecast(string $first, int $days, string $where): Forecast
    {
        $warmth = $hours = [];
        foreach (self::dates($first, $days) as $day => $date) {
            $warmth[] = $this->ofDay($date, $where);
            $draw = $this->draw($date, $where);
            $season = self::season($date);
            [$isWet, $isWindy] = [$draw('wet') < 0.3, $draw('windy') < 0.2];
            $from = (int) floor(6 + 12 * $draw('from'));
            for ($hour = 0; $hour < 24; $hour++) {
                $isIn = $hour >= $from && $hour < $from + 4;
                $rain = $isWet && $isIn ? round(0.5 + 4 * $draw("rain {$hour}"), 1) : 0.0;
                $gust = round(($isWindy ? 9 : 3) + 5 * $draw("gust {$hour}"), 1);
                $hours[24 * $day + $hour] = new WeatherHour($rain, $gust, $isWet && $isIn && $season > 0.4 && $draw("thunder {$hour}") < 0.3);
            }
        }

        return new Forecast($first, $warmth, $hours);
    }

    /** @return non-empty-list<DateTimeImmutable> */
    private static function dates(string $first, int $days): array
    {
        $from = new DateTimeImmutable($first);

        return array_map(fn (int $day) => $from->modify("{$day} days"), range(0, max(1, $days) - 1));
    }

    /** From −1 in the coldest to 1 in the warmest time of the year. */
    private static function season(DateTimeImmutable $date): float
    {
        return cos(2 * M_PI * ((int) $date->format('z') - self::WARMEST) / 365.25);
    }

    private function ofDay(DateTimeImmutable $date, string $where): DayWarmth
    {
        $draw = $this->draw($date, $where);
        $middle = self::MEAN + self::SWING * self::season($date) + 8 * ($draw('warmth') - 0.5);
        $half = 2.5 + 4 * $draw('span');

        return new DayWarmth(round($middle - $half, 1), round($middle + $half, 1));
    }

    /** @return Closure(string): float from 0 to 1, the same for the same thing on the same day in the same place */
    private function draw(DateTimeImmutable $date, string $where): Closure
    {
        $of = "{$this->seed}|{$where}|{$date->format('Y-m-d')}|";

        return fn (string $what): float => crc32($of.$what) / 0xFFFFFFFF;
    }
}
