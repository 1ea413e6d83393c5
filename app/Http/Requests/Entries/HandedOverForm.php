<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Book\HandedOver;
use Aequus\Plan\Plan;
use App\Type\Say;

/** The work handed over. */
final class HandedOverForm extends EntryRequest
{
    protected const MAIN_FIELD = 'to';

    protected function payload(Plan $plan): HandedOver
    {
        if ($this->job()->copy_of !== '') {
            $this->refuse('to', Say::text('refusals.handed_over.this_is_a_copy_of', copy_of: $this->job()->copy_of));
        }

        return new HandedOver($this->text('to'), $this->text('remark'));
    }
}
