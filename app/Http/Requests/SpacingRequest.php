<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Logbook\Payload;
use Aequus\Logbook\SpacingAt;
use Aequus\Logbook\SpacingRead;
use Aequus\Plan\Plan;

/** A tape between two standing posts, or from one to the line that will not move, at the ground or at their tops. */
final class SpacingRequest extends EntryRequest
{
    protected const MAIN_FIELD = 'spacing';

    protected function payload(Plan $plan): ?Payload
    {
        $toLine = $this->text('to') === 'line' && $plan->layout->fixedLine !== null;
        [$from, $to, $at, $distance] = [$this->postAt($plan, 'from'), $toLine ? null : $this->postAt($plan, 'to'), $this->choice('at', SpacingAt::class), $this->measure('spacing', $plan)];

        return $from && ($to || $toLine) && $at && $distance ? new SpacingRead($from, $to, $at, $distance) : null;
    }
}
