<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Days\NoticeDays;
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
        $counted = $asked->workingDays === 0 ? [] : (new NoticeDays($asked->askedOn, $asked->workingDays, $office, $office))->counted;
        $this->runsOut = $counted === [] ? $asked->askedOn : WorkCalendar::next($counted[count($counted) - 1]);
    }

    /** @param  string  $today as YYYY-MM-DD in the job's zone */
    public function isOver(string $today): bool
    {
        return $today >= $this->runsOut;
    }
}
