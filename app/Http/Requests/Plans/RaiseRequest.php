<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Plan\Plan;
use Aequus\Plan\Tops\TopRules;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** All tops moved up or down together. */
final class RaiseRequest extends PlanChangeRequest
{
    public function isDown(): bool
    {
        return $this->text('way') !== 'up';
    }

    /** @throws ValidationException with the refusal at its field */
    public function raised(Plan $plan, TopRules $tops): TopRules
    {
        $by = $this->length('by', $plan->notation->unit)?->magnitude();
        if ($by !== null && $this->isDown() && ! $tops->heightAtA1->minus($by)->isLongerThan($tops->datumLine)) {
            $this->refuse('by', Say::text('refusals.raise.the_tops_would_lie_below'));
        }
        $this->stopIfRefused();
        assert($by !== null);

        return $tops->raised($this->isDown() ? $by->negated() : $by);
    }
}
