<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Logbook\Entry;

/** One entry as the logbook page says it. */
final readonly class LogLine
{
    /** @param  string  $standing counts, struck, corrected or old */
    public function __construct(
        public Entry $entry,
        public string $what,
        public string $when,
        public string $who,
        public string $standing,
        public string $standingWords,
    ) {
    }
}
