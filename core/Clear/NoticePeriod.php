<?php

declare(strict_types=1);

namespace Aequus\Clear;

use Aequus\Logbook\Clear\NoticeAsked;
use DateTimeImmutable;

/** How long the asked-for utility marks must be waited for. Saturdays and Sundays do not count; public holidays are the builder's to add. */
final readonly class NoticePeriod
{
    /** The first day on which digging may begin, as YYYY-MM-DD. */
    public string $runsOut;

    public function __construct(public NoticeAsked $asked)
    {
        $day = new DateTimeImmutable($asked->askedOn);
        for ($left = $asked->workingDays; $left > 0;) {
            $day = $day->modify('+1 day');
            if ((int) $day->format('N') < 6) {
                $left--;
            }
        }
        $this->runsOut = $asked->workingDays === 0 ? $asked->askedOn : $day->modify('+1 day')->format('Y-m-d');
    }

    /** @param  string  $today as YYYY-MM-DD in the job's zone */
    public function isOver(string $today): bool
    {
        return $today >= $this->runsOut;
    }
}
