<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\LineReading;
use Aequus\Logbook\Payload;
use Aequus\Plan\Plan;

/** How far a stake stands off the line that will not move. */
final class LineRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'line_off';

    protected function payload(Plan $plan): ?Payload
    {
        $line = $plan->layout->fixedLine;
        if ($line === null) {
            $this->refuse('line_off', 'No line is in the plan yet. Put the wall or boundary in first.');

            return null;
        }
        [$post, $off] = [$this->postAt($plan, 'line_post'), $this->measure('line_off', $plan)];
        $stake = $post === null ? null : $plan->grid->find($post);
        if ($stake === null || $off === null) {
            return null;
        }
        // Typed as a distance; the side is the one on which the plan has the stake.
        [$dx, $dy] = [$line->to->x->minus($line->from->x)->inMillimetres(), $line->to->y->minus($line->from->y)->inMillimetres()];
        $left = $dx * $stake->at->y->minus($line->from->y)->inMillimetres() - $dy * $stake->at->x->minus($line->from->x)->inMillimetres() >= 0;

        return new LineReading($stake->id, $left ? $off : $off->negated());
    }
}
