<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Days\Forecast;

/** Who is asked what the weather will be. */
interface WeatherStation extends StandIn
{
    /**
     * Of so many days from one on.
     *
     * @param  string  $first  as YYYY-MM-DD
     * @param  int  $days  one at least
     * @param  string  $where  any name of a place: the same name has the same weather
     */
    public function forecast(string $first, int $days, string $where): Forecast;

    /** How warm alone those days were in that year, still and dry: for whoever looks at many years. */
    public function warmth(int $number, string $first, int $days, string $where): Forecast;

    /** Of the same days as they were in another year: the first, the second … of those it knows. */
    public function year(int $number, string $first, int $days, string $where): Forecast;
}
