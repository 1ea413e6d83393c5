<?php

declare(strict_types=1);

namespace Aequus\Logbook;

/** Utility marks were asked for. */
final readonly class NoticeAsked implements Payload
{
    /**
     * @param  string  $askedOn  the day, as YYYY-MM-DD in the job's zone
     * @param  int  $workingDays  full working days that must pass before digging
     * @param  string  $reference  the number the marking desk gave, may be empty
     *
     * @throws EntryRefused when the days can't be
     */
    public function __construct(public string $askedOn, public int $workingDays, public string $reference)
    {
        if ($workingDays < 0 || $workingDays > 60) {
            throw EntryRefused::noticeDays($workingDays);
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Notice;
    }

    public function posts(): array
    {
        return [];
    }
}
