<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\EntryRefused;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\TopOver;
use Aequus\Plan\Plan;

/** How high the top of a post is over the edge of a road. */
final class TopOverForm extends EntryRequest
{
    protected const MAIN_FIELD = 'top_over';

    protected function payload(Plan $plan): ?Payload
    {
        $line = $plan->fixedLine($this->text('line'));
        if ($line === null) {
            $this->refuse('top_over', EntryRefused::noLineInThePlan());

            return null;
        }
        [$post, $over] = [$this->postAt($plan), $this->measure('top_over', $plan)];

        return $post && $over ? new TopOver($post, $over, $line->id) : null;
    }
}
