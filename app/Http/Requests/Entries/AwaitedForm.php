<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use App\Type\Say;

/** What others bring, allow or look at. */
final class AwaitedForm extends EntryRequest
{
    protected const MAIN_FIELD = 'until';

    protected const FIELDS = ['day' => 'day'];

    protected function payload(Plan $plan): ?Payload
    {
        [$thing, $state, $day] = [$this->choice('thing', AwaitedThing::class), $this->choice('state', AwaitedState::class), $this->day('day')];
        $time = null;
        if ($this->text('time') !== '') {
            if (preg_match('/^([01]?\d|2[0-3])[:.]([0-5]\d)$/', $this->text('time'), $found) !== 1) {
                $this->refuse('time', Say::text('days.no_time'));
            } else {
                $time = 60 * (int) $found[1] + (int) $found[2];
            }
        }
        $until = $this->text('until') === '' ? null : $this->day('until');

        return $thing === null || $state === null || $this->refusals !== [] ? null
            : new Awaited($thing, $state, $day, $time, $until, mb_substr($this->text('says'), 0, 300));
    }
}
