<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Measure\Length;
use Aequus\Plan\Place\Fit;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Plan;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** One more thing that must fit between posts, or one of them taken away. */
final class FitRequest extends PlanChangeRequest
{
    /**
     * @return array{Fit, string} what holds now, and why, in words
     *
     * @throws ValidationException with each refusal at its field
     */
    public function fit(Plan $plan): array
    {
        [$things, $neighbours] = [$plan->fit->things, $plan->fit->neighbours];
        [$fit, $reason] = match ($this->text('what')) {
            'thing' => [
                new Fit([...$things, ...$this->thing($plan)], $neighbours), Say::text('refusals.fit.must_fit', name: $this->text('fit_name')),
            ],
            default => [new Fit($this->without($things), $neighbours), Say::text('refusals.fit.something_need_not_fit_any')],
        };
        $this->stopIfRefused();

        return [$fit, mb_substr($reason, 0, 250)];
    }

    /** @return list<MustFit> one, or none where it was refused */
    private function thing(Plan $plan): array
    {
        $unit = $plan->notation->unit;
        $name = $this->named('fit_name', Say::text('refusals.fit.name_what_must_fit_mower'));
        $from = $this->attempt('fit_from', fn () => $plan->grid->labelled($this->text('fit_from'))->id);
        $to = $this->attempt('fit_to', fn () => $plan->grid->labelled($this->text('fit_to'))->id);
        [$width, $margin, $fixed, $most] = [
            $this->length('fit_width', $unit), $this->lengthOrNone('fit_margin', $unit) ?? Length::zero(),
            $this->lengthOrNone('fit_fixed', $unit) ?? Length::zero(), $this->lengthOrNone('fit_most', $unit),
        ];
        [$low, $high] = [$this->lengthOrNone('fit_low', $unit), $this->lengthOrNone('fit_high', $unit)];

        return $name === null || $from === null || $to === null || $width === null ? []
            : array_filter(
                [$this->attempt('fit_width', fn () => new MustFit($name, $from, $to, $width, $margin, $fixed, $most, low: $low, high: $high))],
            );
    }

    private function named(string $field, string $sentence): ?string
    {
        if ($this->text($field) === '') {
            $this->refuse($field, $sentence);

            return null;
        }

        return mb_substr($this->text($field), 0, 60);
    }

    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    private function without(array $list): array
    {
        $place = $this->integer('place');

        return array_values(array_filter($list, fn (int $i) => $i !== $place, ARRAY_FILTER_USE_KEY));
    }
}
