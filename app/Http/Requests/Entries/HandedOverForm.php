<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Book\HandedOver;
use Aequus\Plan\Plan;

/** The work handed over. */
final class HandedOverForm extends EntryRequest
{
    protected const MAIN_FIELD = 'to';

    protected function payload(Plan $plan): HandedOver
    {
        if ($this->job()->copy_of !== '') {
            $this->refuse('to', "This is a copy of {$this->job()->copy_of}: hand over the job itself. A copy is no evidence.");
        }

        return new HandedOver($this->text('to'), $this->text('remark'));
    }
}
