<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Square\LineReading;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Plan;

/** How far a stake stands off a line that will not move. */
final class LineOffsetForm extends EntryRequest
{
    public const OPENS = 'square';

    protected const MAIN_FIELD = 'line_off';

    protected function payload(Plan $plan): ?Payload
    {
        $line = $plan->fixedLine($this->text('line')) ?? (count($plan->fixedLines()) === 1 ? $plan->fixedLines()[0] : null);
        if ($line === null) {
            $this->refuse('line_off', EntryRefused::noLineInThePlan());

            return null;
        }
        [$post, $off] = [$this->postAt($plan, 'line_post'), $this->measure('line_off', $plan)];
        $stake = $post === null ? null : $plan->grid->find($post);
        if ($stake === null || $off === null) {
            return null;
        }

        return new LineReading(
            $stake->id, $line->offAsPlanned($stake->at, $off), $line->id,
            $this->text('tape') === '' ? $plan->layout->tape : $this->choice('tape', TapeClass::class),
        );
    }
}
