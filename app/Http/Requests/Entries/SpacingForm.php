<?php

declare(strict_types=1);

namespace App\Http\Requests\Entries;

use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Set\SpacingAt;
use Aequus\Logbook\Set\SpacingRead;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;

/** A tape between two standing posts, or from one to a line that will not move, at the ground or at their tops. */
final class SpacingForm extends EntryRequest
{
    protected const MAIN_FIELD = 'spacing';

    protected function payload(Plan $plan): ?Payload
    {
        $line = $plan->fixedLine($this->text('to'));
        [$from, $to, $at, $distance] = [
            $this->postAt($plan, 'from'), $line !== null ? null : $this->postAt($plan, 'to'), $this->choice('at', SpacingAt::class),
            $this->measure('spacing', $plan),
        ];

        return $from && ($to || $line) && $at && $distance ? new SpacingRead($from, $to, $at, $distance, $line->id ?? FixedLine::FIRST_ID) : null;
    }
}
