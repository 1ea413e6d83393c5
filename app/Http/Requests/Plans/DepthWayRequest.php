<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Plan;
use Illuminate\Validation\ValidationException;

/** One of the ways to choose depths, taken as it was compared. */
final class DepthWayRequest extends PlanChangeRequest
{
    /** @throws ValidationException where the way or the plane is not understood */
    public function rulesInForce(FootingRules $rules, Plan $plan): FootingRules
    {
        $mode = $this->choice('mode', DepthMode::class);
        $plane = $this->lengthOrNone('plane', $plan->notation->unit);
        $this->stopIfRefused();

        return $rules->dug($mode ?? $rules->mode, $plane);
    }
}
