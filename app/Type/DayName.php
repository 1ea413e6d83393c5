<?php

declare(strict_types=1);

namespace App\Type;

use Carbon\CarbonImmutable;

/** A day with its day of the week, as it is said. */
final class DayName
{
    /**
     * @param  string  $date  as YYYY-MM-DD
     * @param  bool  $withYear  where it may lie in another one
     */
    public static function of(string $date, bool $withYear = false): string
    {
        $day = CarbonImmutable::parse($date);

        return Say::text("days.on_{$day->format('N')}", date: $day->format($withYear ? 'j M Y' : 'j M'));
    }
}
