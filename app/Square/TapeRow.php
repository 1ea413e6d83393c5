<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;
use Aequus\Square\Pair;

/** One line of the tape sheet. */
final readonly class TapeRow
{
    /**
     * @param  string  $state  to-pull, fits, off or doubt: drawn by shape and said in words
     * @param  ?int  $sequence  the newest entry, for a correction; null before the first
     */
    public function __construct(
        public Pair $pair,
        public ?Length $read,
        public ?Length $offPlan,
        public string $state,
        public string $word,
        public ?int $sequence,
        public bool $needed,
    ) {
    }
}
