<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Planned;
use Aequus\Days\Task;
use Aequus\Days\WeatherHour;

/**
 * The same job done another way, or by others, or from another day on: when it is done, for how many hours, and how often rain falls into the fill.
 */
final readonly class WhatIf
{
    public JobDays $days;

    /** Of all people together. */
    public float $hours;

    /** Share of the years in which it rains harder than the limit while holes are filled; null where nothing is filled within the days known. */
    public ?float $rain;

    /**
     * @param  int  $now  minutes from the forecast’s first midnight
     * @param  list<Forecast>  $years  of the same days
     */
    public function __construct(JobToDo $toDo, Hands $hands, Forecast $forecast, int $now, array $years)
    {
        $this->days = new JobDays($toDo, $hands, $forecast, $now);
        $works = array_merge([], ...array_values($this->days->planned));
        $this->hours = array_sum(array_map(fn (Planned $one) => $one->work->people * $one->work->quarters / 4, $works));
        $fill = array_merge([], ...array_map(fn (Planned $one) => $one->parts, $this->days->planned[Task::Fill->value] ?? []));
        $wet = array_filter($years, function (Forecast $year) use ($fill, $hands): bool {
            foreach ($fill as [$from, $to]) {
                if (array_filter($year->touched($from, $to), fn (WeatherHour $hour) => $hour->rain > $hands->holds->rain) !== []) {
                    return true;
                }
            }

            return false;
        });
        $this->rain = $fill === [] || $years === [] ? null : count($wet) / count($years);
    }
}
