<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Book\Strike;
use Aequus\Plan\Plan;

/** An entry that no longer counts, with the reason. */
final class StrikeForm extends EntryRequest
{
    protected const MAIN_FIELD = 'reason';

    protected function payload(Plan $plan): Strike
    {
        return new Strike($this->integer('sequence'), $this->text('reason'));
    }
}
