<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Measure\Length;
use Aequus\Plan\Footing\HoleShape;
use Aequus\Plan\Plan;
use Illuminate\Validation\ValidationException;

/** The shape of hole that is dug for every post. */
final class HoleShapeRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function shaped(Plan $plan): Plan
    {
        $unit = $plan->notation->unit;
        $width = $this->length('width', $unit);
        $isBell = $this->text('shape') === 'bell';
        $bell = $isBell ? [$this->length('bell_width', $unit), $this->length('bell_height', $unit)] : [null, null];
        $this->stopIfRefused();
        $shaped = $this->attempt($isBell ? 'bell_width' : 'width', fn () => $plan->withHole($this->shape($width ?? Length::zero(), ...$bell)));
        $this->stopIfRefused();
        assert($shaped instanceof Plan);

        return $shaped;
    }

    private function shape(Length $width, ?Length $bellWidth, ?Length $bellHeight): HoleShape
    {
        return match (true) {
            $bellWidth !== null && $bellHeight !== null => HoleShape::bell($width, $bellWidth, $bellHeight),
            $this->text('shape') === 'square' => HoleShape::square($width),
            default => HoleShape::round($width),
        };
    }
}
