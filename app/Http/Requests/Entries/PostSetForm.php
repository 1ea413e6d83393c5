<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\PostSet;
use Aequus\Plan\Plan;

/** A post set in its hole. */
final class PostSetForm extends EntryRequest
{
    protected const MAIN_FIELD = 'post';

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->postAt($plan);

        return $post ? new PostSet($post) : null;
    }
}
