<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Terms\Ask;
use Aequus\Thing\Things;

/** What stays free round a thing that people climb, swing or throw from: nothing that stands on the site comes nearer. */
final class FreeZone
{
    /** Nothing where the thing asks for none. */
    public static function of(Plan $plan): Length
    {
        $thing = $plan->answers === null ? null : Things::of($plan->kind);
        if ($thing === null || $plan->answers === null) {
            return Length::zero();
        }
        $heard = Heard::kept($plan->notation, $plan->sides, $thing->asks(), $plan->answers);

        return $heard->maybe(Ask::FreeZone) ?? $heard->maybe(Ask::Behind) ?? Length::zero();
    }
}
