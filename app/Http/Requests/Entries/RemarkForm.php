<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Book\Remark;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;

/** A note in the builder’s own words. */
final class RemarkForm extends EntryRequest
{
    protected const MAIN_FIELD = 'text';

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->postOrJob($plan);

        return $this->refusals === [] ? new Remark($post, $this->text('text')) : null;
    }
}
