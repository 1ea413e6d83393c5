<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Logbook\Kind\Payload;
use Carbon\CarbonImmutable;

/** What a person hands in for the logbook: what was read or done, and the circumstances. */
final readonly class NewEntry
{
    /**
     * @param  string  $clientId  made with the form, so that the same send twice is one entry
     * @param  ?CarbonImmutable  $measuredAt  null for now
     * @param  ?int  $replaces  the entry this one corrects
     * @param  bool  $asTyped  a doubtful figure in it was asked about and confirmed
     */
    public function __construct(
        public Payload $payload,
        public string $clientId,
        public ?CarbonImmutable $measuredAt = null,
        public string $readBy = '',
        public ?int $replaces = null,
        public bool $asTyped = false,
    ) {
    }
}
