<?php

declare(strict_types=1);

namespace App\Square;

use Aequus\Measure\Length;

/** One line of the list of readings. */
final readonly class ReadingRow
{
    /**
     * @param  string  $key  names it in a link: what the entry form opens for
     * @param  int  $number  in walking order; 0 for what is not on the list
     * @param  string  $state  to-pull, fits, out (left out), doubt, waits or unchecked: drawn by shape and said in words
     * @param  ?Length  $off  read less computed from all others
     * @param  ?int  $sequence  the newest entry, for a correction; null before the first
     * @param  list<string>  $stakes  labels it touches
     */
    public function __construct(
        public string $key,
        public int $number,
        public string $label,
        public Length $planned,
        public ?Length $read,
        public ?Length $off,
        public string $state,
        public string $word,
        public ?int $sequence,
        public array $stakes,
        public bool $isTape,
    ) {
    }
}
