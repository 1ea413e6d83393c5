<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Cut\TopMeasured;
use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;

/** How far a top now stands above the datum line. */
final class TopForm extends EntryRequest
{
    protected const MAIN_FIELD = 'above';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $above] = [$this->postAt($plan), $this->measure('above', $plan)];

        return $post && $above ? new TopMeasured($post, $above) : null;
    }
}
