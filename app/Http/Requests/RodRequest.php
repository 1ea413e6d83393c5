<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\RodReading;
use Aequus\Plan\Plan;

/** A rod read through the laser, at a post or on the benchmark. */
final class RodRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'rod';

    protected function payload(Plan $plan): ?Payload
    {
        $post = strtolower($this->text('post')) === 'benchmark' ? null : $this->postAt($plan);
        $rod = $this->measure('rod', $plan);

        return $rod && $this->refusals === [] ? new RodReading($post, $rod) : null;
    }
}
