<?php

declare(strict_types=1);

namespace App\Exchange;

/** One event of a calendar. */
final readonly class CalendarEvent
{
    /**
     * @param  string  $id  the same through all exports
     * @param  string  $from  local, as YYYY-MM-DDTHH:MM
     */
    public function __construct(public string $id, public string $says, public string $where, public string $from, public string $to)
    {
    }
}
