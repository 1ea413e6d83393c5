<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\TwistRead;
use Aequus\Plan\Plan;

/** How far a face is turned off the line it should look along. */
final class TwistForm extends EntryRequest
{
    protected const MAIN_FIELD = 'twist';

    protected function payload(Plan $plan): ?Payload
    {
        [$post, $gap, $over] = [$this->postAt($plan), $this->measure('twist', $plan), $this->measure('over', $plan)];
        if ($gap !== null && $this->text('turned') === 'against') {
            $gap = $gap->magnitude()->negated();
        }

        return $post && $gap && $over ? $this->attempt($over->isPositive() ? 'twist' : 'over', fn () => new TwistRead($post, $gap, $over)) : null;
    }
}
