<?php

declare(strict_types=1);

namespace App\Type;

/** A time of day as it is said: hours and minutes. */
final class ClockTime
{
    /** @param  int  $minutes  after a midnight */
    public static function of(int $minutes): string
    {
        return sprintf('%d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }
}
