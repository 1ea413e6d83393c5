<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use DateTimeImmutable;

/** One line of the logbook: what was measured or done, when, by whom, under which revision of the plan. */
final readonly class Entry
{
    /**
     * @param  int  $sequence  given by the book, growing
     * @param  string  $clientId  made where it was typed, so that the same send twice is one entry
     * @param  string  $readBy  who held the tape, where that is not who typed
     * @param  ?int  $replaces  the sequence of the entry it corrects
     */
    public function __construct(
        public int $sequence,
        public string $clientId,
        public Payload $payload,
        public int $planRevision,
        public DateTimeImmutable $measuredAt,
        public string $recordedBy,
        public string $readBy = '',
        public ?int $replaces = null,
    ) {
    }
}
