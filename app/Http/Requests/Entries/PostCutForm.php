<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;

/** A post cut at its mark. */
final class PostCutForm extends EntryRequest
{
    protected const MAIN_FIELD = 'post';

    protected function payload(Plan $plan): ?Payload
    {
        $post = $this->postAt($plan);

        return $post ? new PostCut($post) : null;
    }
}
