<?php

declare(strict_types=1);

namespace Aequus\Words\Square;

use Aequus\Adjust\GrossErrors\SearchEnd;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Posts\PostId;
use Aequus\Square\Layout;

/** Readings that can’t all be true: what may be wrong with them, and what would tell. */
final class DoubtWords
{
    public static function of(Layout $square, Grid $grid): string
    {
        $wrong = $square->survey->mistakes?->end === SearchEnd::MoreThanTwo
            ? 'It takes more than two mistakes to explain it: either several are wrong, or this tape is far rougher than its class.'
            : 'At least one of them is wrong, and from what was read it can’t be told which: a mistake in any of them would look the same.';

        return "{$wrong} ".self::wouldTell($square, $grid);
    }

    private static function wouldTell(Layout $square, Grid $grid): string
    {
        $tell = $square->survey->separation;
        $ends = implode('–', array_map(fn (string $id) => $grid->find(PostId::of($id))->label ?? '?', $tell->of ?? []));

        return match (true) {
            $square->unread() !== [] => 'The readings still to take will tell more.',
            $tell === null => 'No further tape between these stakes is left. Two more stakes, at the middle of two opposite sides, would tell; '
                .'reading each again, longest first, shows a slip at once.',
            $tell->separatesAll() => "The tape {$ends} would tell.",
            default => "The tape {$ends} would tell some of them apart, not all.",
        };
    }
}
