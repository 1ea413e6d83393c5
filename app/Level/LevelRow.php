<?php

declare(strict_types=1);

namespace App\Level;

use Aequus\Measure\Length;

/** One reading of heights in the list. */
final readonly class LevelRow
{
    /**
     * @param  string  $from  set-up, or instrument
     * @param  ?Length  $off  the reading less what all others say; null where nothing ties it in
     * @param  string  $state  one of fits, unchecked, out, doubt, wanted
     */
    public function __construct(
        public int $sequence, public string $where, public string $from, public Length $read, public ?Length $off, public string $state,
        public string $word,
    ) {
    }
}
