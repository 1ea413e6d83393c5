<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;

/** When the time to pour ends and begins again, as in most years: ten days on end that stay below the limit, or rise above it. */
final readonly class Season
{
    private const ON_END = 10;

    /** Days from the first on which pouring ends in half of the years; null where it does not within the days looked at. */
    public ?int $ends;

    /** Days from the first on which it begins again after that; null where it does not, or never ends. */
    public ?int $begins;

    /**
     * @param  non-empty-list<Forecast>  $years  of the same days
     * @param  float  $limit  °C, below which nothing is poured
     */
    public function __construct(array $years, float $limit)
    {
        $ends = $begins = [];
        foreach ($years as $year) {
            $end = self::first($year->days, 0, fn (DayWarmth $day) => $day->greatest < $limit);
            $ends[] = $end ?? PHP_INT_MAX;
            $begins[] = $end === null ? PHP_INT_MAX : self::first($year->days, $end, fn (DayWarmth $day) => $day->greatest >= $limit) ?? PHP_INT_MAX;
        }
        [$this->ends, $this->begins] = [self::middle($ends), self::middle($begins)];
    }

    /**
     * @param  list<DayWarmth>  $days
     * @param  callable(DayWarmth): bool  $is
     */
    private static function first(array $days, int $from, callable $is): ?int
    {
        $on = 0;
        for ($day = $from; isset($days[$day]); $day++) {
            $on = $is($days[$day]) ? $on + 1 : 0;
            if ($on === self::ON_END) {
                return $day - self::ON_END + 1;
            }
        }

        return null;
    }

    /** @param  non-empty-list<int>  $of */
    private static function middle(array $of): ?int
    {
        sort($of);
        $middle = $of[intdiv(count($of) - 1, 2)];

        return $middle === PHP_INT_MAX ? null : $middle;
    }
}
