<?php

declare(strict_types=1);

namespace Aequus\Days;

/** A notice that is given so many full working days ahead: they follow the day it is asked on, by the rest days of the office. */
final readonly class NoticeDays
{
    /** @var list<string> */
    public array $counted;

    /** The job’s first working day after them. */
    public string $digFrom;

    /** @throws DaysRefused when it is of no day */
    public function __construct(string $askedOn, int $fullDays, WorkCalendar $job, WorkCalendar $office)
    {
        if ($fullDays < 1) {
            throw DaysRefused::noticeOfNoDay();
        }
        $counted = [];
        $day = $askedOn;
        for ($i = 0; $i < $fullDays; $i++) {
            $counted[] = $day = $office->after($day);
        }
        [$this->counted, $this->digFrom] = [$counted, $job->after($day)];
    }
}
