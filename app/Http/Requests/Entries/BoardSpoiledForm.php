<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Frame\BoardSpoiled;
use Aequus\Logbook\Kind\Payload;
use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use App\Type\Say;

/** A board that was cut wrong: what it was to give, and what came out of it all the same. */
final class BoardSpoiledForm extends EntryRequest
{
    public const OPENS = 'cut.boards';

    protected const MAIN_FIELD = 'right';

    protected function payload(Plan $plan): ?Payload
    {
        $unit = $plan->notation->unit;
        $whole = fn (string $field): array => array_map(
            fn (string $one) => Length::nanometres((int) $one), array_filter(explode(',', $this->text($field)), ctype_digit(...)),
        );
        [$section, $board, $lost] = [array_values($whole('section')), array_values($whole('board')), array_values($whole('pieces'))];
        $left = $this->lengthOrNone('left', $unit);
        $right = array_map(trim(...), preg_split('/;|\R/', $this->text('right'), flags: PREG_SPLIT_NO_EMPTY) ?: []);
        foreach (array_filter($right, fn (string $one) => $one !== '') as $typed) {
            $came = $this->attempt('right', fn () => \Aequus\Measure\LengthReader::read($typed, $unit));
            // As it is written on the page: to the nearest mark.
            $at = $came === null ? null : array_key_first(array_filter($lost, fn (Length $piece) => $plan->write($piece) === $plan->write($came)));
            if ($came !== null && $at === null) {
                $this->refuse('right', Say::text('frame.not_in_this_board', typed: $typed));
            }
            $lost = $at === null ? $lost : array_values(array_diff_key($lost, [$at => true]));
        }

        return $this->refusals !== [] || count($section) < 2 || $board === [] ? null
            : new BoardSpoiled($section[0], $section[1], $board[0], $lost, $left);
    }
}
