<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Days\WorkCalendar;
use Aequus\Logbook\Clear\NoticeAsked;

/** How long the asked-for utility marks must be waited for. Saturdays, Sundays and the holidays that were typed for the job do not count. */
final readonly class NoticePeriod
{
    /** The first day on which digging may begin, as YYYY-MM-DD. */
    public string $runsOut;

    /** @param  WorkCalendar  $office  days on which the marking desk works */
    public function __construct(public NoticeAsked $asked, WorkCalendar $office = new WorkCalendar)
    {
        $day = $asked->askedOn;
        for ($left = $asked->workingDays; $left > 0; $left--) {
            $day = $office->after($day);
        }
        $this->runsOut = $asked->workingDays === 0 ? $asked->askedOn : WorkCalendar::next($day);
    }

    /** @param  string  $today as YYYY-MM-DD in the job's zone */
    public function isOver(string $today): bool
    {
        return $today >= $this->runsOut;
    }
}
