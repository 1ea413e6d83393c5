<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Logbook\Kind\Payload;
use DateTimeImmutable;

/** One line of the logbook: what was measured or done, when, by whom, under which revision of the plan. */
final readonly class Entry
{
    /** What a stand-in wrote for practice has an id that begins so: wherever the book goes, the mark goes with it. */
    public const MADE_UP = 'practice-';

    /** Whether it was made up for practice, and nobody measured it. */
    public bool $isMadeUp;

    /**
     * @param  int  $sequence  given by the book, growing
     * @param  string  $clientId  made where it was typed, so that the same send twice is one entry
     * @param  string  $measured  when, in UTC as YYYY-MM-DD HH:MM:SS, so that an earlier one sorts before a later one
     * @param  string  $readBy  who held the tape, where that is not who typed
     * @param  ?int  $replaces  the sequence of the entry it corrects
     * @param  bool  $asTyped  a doubtful figure in it was asked about and confirmed
     */
    public function __construct(
        public int $sequence,
        public string $clientId,
        public Payload $payload,
        public int $planRevision,
        public string $measured,
        public string $recordedBy,
        public string $readBy = '',
        public ?int $replaces = null,
        public bool $asTyped = false,
    ) {
        $this->isMadeUp = str_starts_with($clientId, self::MADE_UP);
    }

    public function measuredAt(): DateTimeImmutable
    {
        return new DateTimeImmutable($this->measured.' UTC');
    }
}
