<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Logbook\Diary\WeatherTold;
use Aequus\Logbook\Log;

/** Weather that was typed: it comes before that of a station, the last word on a day counts. */
final readonly class ToldWeather
{
    /** @var array<string, WeatherTold> by the day */
    public array $days;

    public function __construct(Log $log)
    {
        $days = [];
        foreach ($log->now(WeatherTold::class) as $told) {
            $days[$told->day] = $told;
        }
        $this->days = $days;
    }

    public function over(Forecast $forecast): Forecast
    {
        return $forecast->told(array_map(
            fn (WeatherTold $told) => [new DayWarmth($told->least, $told->greatest), array_map($told->hour(...), range(0, 23))], $this->days,
        ));
    }
}
