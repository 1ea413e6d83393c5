<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Square\Layout;
use Aequus\Square\Readings\TakenReading;
use Aequus\Words\Square\WantedWords;

/** The tapes and offsets that count for nothing, named in the headline wherever one is. */
final class LeftOutWords
{
    private const MOST_NAMED = 4;

    /** @return ?string null where every reading counts */
    public static function of(Layout $square, Speech $speech): ?string
    {
        $left = $square->leftOut();
        if ($left === []) {
            return null;
        }
        $names = array_map(fn (TakenReading $taken) => WantedWords::of($taken->wanted), $left);
        $named = count($names) > self::MOST_NAMED ? count($names).' readings' : (string) $speech->list(...$names);
        $again = array_filter($left, fn (TakenReading $taken) => $taken->wasReadAgain());
        $lines = array_filter(array_unique(array_map(fn (TakenReading $taken) => $taken->wanted->line->name ?? '', $again)));

        return $named.(count($names) === 1 ? ' does not fit the others and is left out.' : ' do not fit the others and are left out.').match (true) {
            $again === [] => '',
            $lines === [] => ' Read again it came to the same: does something bend the tape or the string there?',
            default => ' Read again it came to the same: is '.$speech->list(...$lines).' straight there?',
        };
    }
}
