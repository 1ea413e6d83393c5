<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Frame\Piece;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use App\Site\ReadSite;
use App\Type\Say;

/** Pieces of a frame that are up. */
final class MembersUpForm extends EntryRequest
{
    protected const MAIN_FIELD = 'from';

    protected function payload(Plan $plan): ?Payload
    {
        $kind = $this->choice('layer', LayerKind::class);
        $numbers = array_map(fn (string $field) => ctype_digit($this->text($field)) ? (int) $this->text($field) : 0, ['from', 'to']);
        // One alone may be typed once.
        $to = $this->text('to') === '' ? $numbers[0] : $numbers[1];
        if ($kind === null) {
            return null;
        }
        $count = $this->pieces($plan, $kind);
        if ($numbers[0] < 1 || $numbers[0] > $count || $to > $count) {
            $this->refuse($numbers[0] < 1 || $numbers[0] > $count ? 'from' : 'to', Say::text('frame.no_such_piece', count: $count));

            return null;
        }

        return new MembersUp($this->text('on'), $kind, $numbers[0], $to);
    }

    /** The highest number of that layer on that part. */
    private function pieces(Plan $plan, LayerKind $kind): int
    {
        $log = app(ReadSite::class)->site($this->job())->state->log;
        $frames = array_values(array_filter(
            Frames::decided($plan, $log)->all, fn (FrameOnPosts $frame) => $frame->footprint->key === $this->text('on'),
        ));

        return max(
            [
                0,
                ...array_map(
                    fn (Piece $piece) => $piece->number, array_merge([], ...array_map(fn (FrameOnPosts $frame) => $frame->of($kind), $frames)),
                ),
            ],
        );
    }
}
