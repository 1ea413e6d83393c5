<?php

declare(strict_types=1);

namespace Aequus\Days;

use DateTimeImmutable;

/** Which days are worked: all but rest days and holidays. Days as YYYY-MM-DD. */
final readonly class WorkCalendar
{
    /**
     * @param  list<int>  $restDays  Monday 1 … Sunday 7
     * @param  list<string>  $holidays
     */
    public function __construct(public array $restDays = [6, 7], public array $holidays = [])
    {
    }

    public function isWorked(string $day): bool
    {
        return ! in_array((int) (new DateTimeImmutable($day))->format('N'), $this->restDays, true) && ! in_array($day, $this->holidays, true);
    }

    /** @return list<string> working days from one to another, both included */
    public function between(string $first, string $last): array
    {
        $days = [];
        for ($day = $first; $day <= $last; $day = self::next($day)) {
            $days = $this->isWorked($day) ? [...$days, $day] : $days;
        }

        return $days;
    }

    /** The first working day after one. */
    public function after(string $day): string
    {
        do {
            $day = self::next($day);
        } while (! $this->isWorked($day));

        return $day;
    }

    public static function next(string $day): string
    {
        return (new DateTimeImmutable($day))->modify('+1 day')->format('Y-m-d');
    }
}
