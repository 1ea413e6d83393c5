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
        $named = self::named($left, $speech);
        $again = array_filter($left, fn (TakenReading $taken) => $taken->wasReadAgain());
        $lines = array_filter(array_unique(array_map(fn (TakenReading $taken) => $taken->wanted->line->name ?? '', $again)));

        return $named.(count($left) === 1 ? ' does not fit the others and is left out.' : ' do not fit the others and are left out.').match (true) {
            $again === [] => '',
            $lines === [] => ' Read again it came to the same: does something bend the tape or the string there?',
            default => ' Read again it came to the same: is '.$speech->list(...$lines).' straight there?',
        };
    }

    /** What an all-clear still hangs on: readings left out that nobody read again; nothing where there are none. */
    public static function providedThat(Layout $square, Speech $speech): string
    {
        $again = $square->toReadAgain();

        return $again === [] ? '' : ', if '.self::named($again, $speech).(count($again) === 1 ? ' was read wrong' : ' were read wrong');
    }

    /** @param  non-empty-list<TakenReading>  $taken */
    private static function named(array $taken, Speech $speech): string
    {
        $names = array_map(fn (TakenReading $one) => WantedWords::of($one->wanted), $taken);

        return count($names) > self::MOST_NAMED ? count($names).' readings' : (string) $speech->list(...$names);
    }
}
