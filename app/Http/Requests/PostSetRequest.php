<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\PostSet;
use Aequus\Plan\Plan;

/** A post set in its hole. */
final class PostSetRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'post';

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->postAt($plan);

        return $post ? new PostSet($post) : null;
    }
}
