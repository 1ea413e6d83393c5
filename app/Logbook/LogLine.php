<?php

declare(strict_types=1);

namespace App\Logbook;

use Aequus\Logbook\Entry;
use Aequus\Words\Sentence;

/** One entry as the logbook page says it. */
final readonly class LogLine
{
    /** @param  string  $standing counts, struck, corrected or old */
    public function __construct(
        public Entry $entry,
        public Sentence $what,
        public string $when,
        public string $who,
        public string $standing,
        public string $standingWords,
    ) {
    }
}
