<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Plan;
use Aequus\Plan\Side;
use Aequus\Plan\TopRules;
use Illuminate\Validation\ValidationException;

/** Where the tops are to be cut: one height, and a fall toward one of the four sides where there is one. */
final class TopsRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function tops(Plan $plan): TopRules
    {
        $unit = $plan->notation->unit;
        $height = $this->length('height', $unit);
        $datum = $this->length('datum_line', $unit);
        $toward = $this->text('falls_toward') === '' ? null : $this->choice('falls_toward', Side::class);
        $fall = $toward === null ? Length::zero() : $this->length('fall', $unit);
        $over = $toward === null ? Length::feet(1) : $this->length('fall_over', $unit);
        if ($height && $datum && ! $height->isLongerThan($datum)) {
            $this->refuse('datum_line', 'The datum line lies below the tops, so that marks are measured up from it. Enter a lower line.');
        }
        $slope = $fall && $over ? $this->at('fall_over', fn () => Slope::fromGap($fall, $over)) : null;
        $this->stopIfRefused();
        $along = fn (bool $alongX): Slope => $toward?->isAlongX() === $alongX ? Slope::ratio(-$toward->sign() * $slope->ratio) : Slope::level();

        return new TopRules($height, $along(true), $along(false), $datum);
    }
}
