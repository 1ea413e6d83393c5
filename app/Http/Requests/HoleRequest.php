<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\HoleDug;
use Aequus\Logbook\Payload;
use Aequus\Plan\Plan;

/** How deep a hole came out. */
final class HoleRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'depth';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $depth] = [$this->postAt($plan), $this->measure('depth', $plan)];

        return $post && $depth ? new HoleDug($post, $depth) : null;
    }
}
