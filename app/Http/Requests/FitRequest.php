<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aequus\Measure\Length;
use Aequus\Plan\Fit;
use Aequus\Plan\MustFit;
use Aequus\Plan\Neighbour;
use Aequus\Plan\Plan;
use Aequus\Plan\Point;
use Illuminate\Validation\ValidationException;

/** One more thing that must fit between posts, one more neighbour to keep away from, or one of them taken away. */
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
            'thing' => [new Fit([...$things, ...$this->thing($plan)], $neighbours), "Must fit: {$this->text('fit_name')}"],
            'neighbour' => [new Fit($things, [...$neighbours, ...$this->neighbour($plan)]), "Keeps away from: {$this->text('near_name')}"],
            'drop_thing' => [new Fit($this->without($things), $neighbours), 'Something need not fit any more'],
            default => [new Fit($things, $this->without($neighbours)), 'A neighbour need not be kept away from any more'],
        };
        $this->stopIfRefused();

        return [$fit, mb_substr($reason, 0, 250)];
    }

    /** @return list<MustFit> one, or none where it was refused */
    private function thing(Plan $plan): array
    {
        $unit = $plan->notation->unit;
        $name = $this->named('fit_name', 'Name what must fit: mower, gate, sheet of plywood.');
        $from = $this->at('fit_from', fn () => $plan->grid->labelled($this->text('fit_from'))->id);
        $to = $this->at('fit_to', fn () => $plan->grid->labelled($this->text('fit_to'))->id);
        [$width, $margin, $fixed, $most] = [$this->length('fit_width', $unit), $this->lengthOrNone('fit_margin', $unit) ?? Length::zero(), $this->lengthOrNone('fit_fixed', $unit) ?? Length::zero(), $this->lengthOrNone('fit_most', $unit)];

        return $name === null || $from === null || $to === null || $width === null ? []
            : array_filter([$this->at('fit_width', fn () => new MustFit($name, $from, $to, $width, $margin, $fixed, $most))]);
    }

    /** @return list<Neighbour> one, or none where it was refused */
    private function neighbour(Plan $plan): array
    {
        $unit = $plan->notation->unit;
        $name = $this->named('near_name', 'Name it: boundary, hedge, edge of the road.');
        $at = fn (string $field): ?Length => $this->length($field, $unit);
        [$x1, $y1, $x2, $y2, $least] = [$at('near_x1'), $at('near_y1'), $at('near_x2'), $at('near_y2'), $at('near_least')];

        return $name === null || ! $x1 || ! $y1 || ! $x2 || ! $y2 || ! $least ? []
            : array_filter([$this->at('near_x1', fn () => new Neighbour($name, new Point($x1, $y1), new Point($x2, $y2), $least))]);
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
