<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Plan\Frame\EndCut;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Frame\Spread;
use Aequus\Plan\Plan;
use App\Frame\MembersPage;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** What stands on the posts: every layer of the page changed or left out, and perhaps one more. */
final class FrameRequest extends PlanChangeRequest
{
    /** More at one crossing nobody drives in. */
    private const MOST_FIXINGS = 20;

    /** Water in a hundred of dry weight: fresh from the saw. */
    private const WETTEST = 200;

    /** @throws ValidationException with each refusal at its field */
    public function decided(Plan $plan): Plan
    {
        $part = MembersPage::partOf($plan, $this->text('on'));

        return $part === null ? $plan->withFrame($this->frame($plan, UsualFrame::orDecided($plan)))
            : $plan->withPartFrame($part, $this->frame($plan, UsualFrame::ofPart($plan, $part)));
    }

    private function frame(Plan $plan, FrameRules $rules): FrameRules
    {
        $rules = $rules->running($this->text('beams_run') !== 'y');
        foreach ($rules->layers as $layer) {
            // What this page did not show stays as it is.
            if ($this->has("{$layer->kind->value}_thick")) {
                $changed = $this->boolean("{$layer->kind->value}_out") ? null : $this->layer($layer, $plan->notation->unit);
                $rules = $changed === null ? $rules->without($layer->kind) : $rules->with($changed);
            }
        }
        $more = LayerKind::tryFrom($this->text('add'));
        $this->stopIfRefused();

        return $more === null || $rules->layer($more) !== null ? $rules : $rules->with(UsualFrame::layer($more, $plan->notation));
    }

    /** Null where something of it was refused. */
    private function layer(Layer $layer, Unit $unit): ?Layer
    {
        $kind = $layer->kind;
        $length = fn (string $field, ?Length $now): ?Length => $this->has("{$kind->value}_{$field}") ? $this->length("{$kind->value}_{$field}", $unit)
            : $now;
        [$thick, $deep, $apart, $past, $gap] = [
            $length('thick', $layer->thick), $length('deep', $layer->deep), $length('apart', $layer->apart), $length('past', $layer->past),
            $length('gap', $layer->gap),
        ];
        $count = $this->has("{$kind->value}_count") ? $this->number("{$kind->value}_count", 1, Layer::MOST_COUNTED) : $layer->count;
        $fixings = $this->has("{$kind->value}_fixings") ? $this->number("{$kind->value}_fixings", 0, self::MOST_FIXINGS) : $layer->fixings;
        [$joinery, $spread, $moisture] = [$this->joinery($layer, $unit), $this->spread($layer, $unit), $this->moisture($layer)];
        if ($this->refusals !== [] || $thick === null || $deep === null || $count === null || $fixings === null) {
            return null;
        }
        $relied = $this->has("{$kind->value}_relied") ? mb_substr($this->text("{$kind->value}_relied"), 0, 120) : $layer->reliedOn;

        return $this->attempt(
            "{$kind->value}_thick",
            fn () => new Layer($kind, $thick, $deep, $count, $apart, $past, $gap, $fixings, $relied, $joinery, $spread, $moisture, $layer->singly),
        );
    }

    private function joinery(Layer $layer, Unit $unit): Joinery
    {
        [$kind, $now] = [$layer->kind->value, $layer->joinery];
        $length = fn (string $field, ?Length $was): ?Length => $this->has("{$kind}_{$field}") ? $this->lengthOrNone("{$kind}_{$field}", $unit) : $was;
        [$seat, $down] = [$length('seat', $now->seat), $length('down', $now->down)];

        return $this->attempt($this->has("{$kind}_seat") ? "{$kind}_seat" : "{$kind}_down", fn () => new Joinery(
            Seating::tryFrom($this->text("{$kind}_seating")) ?? $now->seating, $seat, EndCut::tryFrom($this->text("{$kind}_high")) ?? $now->high,
            EndCut::tryFrom($this->text("{$kind}_low")) ?? $now->low, $down, $now->fastener, $now->connector,
        )) ?? $now;
    }

    private function spread(Layer $layer, Unit $unit): Spread
    {
        [$kind, $now] = [$layer->kind->value, $layer->spread];
        $offset = $this->has("{$kind}_offset") ? $this->lengthOrNone("{$kind}_offset", $unit) : $now->offset;
        $leftOut = $now->leftOut;
        if ($this->has("{$kind}_left_out")) {
            $typed = preg_split('/[\s,;]+/', $this->text("{$kind}_left_out"), flags: PREG_SPLIT_NO_EMPTY) ?: [];
            $leftOut = array_map(intval(...), $typed);
            if (array_filter($typed, fn (string $one) => ! ctype_digit($one) || (int) $one < 1) !== []) {
                $this->refuse("{$kind}_left_out", Say::text('frame.no_numbers'));
            }
        }
        $atCentres = $this->has("{$kind}_by") ? $this->text("{$kind}_by") === 'centres' : $now->atCentres;

        return $this->attempt("{$kind}_offset", fn () => new Spread($atCentres, $offset, array_values(array_unique($leftOut)))) ?? $now;
    }

    /** In a hundred; null where it is not known. */
    private function moisture(Layer $layer): ?float
    {
        $field = "{$layer->kind->value}_moisture";
        if (! $this->has($field)) {
            return $layer->moisture;
        }
        $typed = rtrim(str_replace(',', '.', $this->text($field)), '% ');
        if ($typed !== '' && (! is_numeric($typed) || (float) $typed < 0.0 || (float) $typed > self::WETTEST)) {
            $this->refuse($field, Say::text('frame.no_moisture', most: self::WETTEST));
        }

        return is_numeric($typed) ? (float) $typed : null;
    }

    private function number(string $field, int $least, int $most): ?int
    {
        $typed = $this->text($field);
        if (! ctype_digit($typed) || (int) $typed < $least || (int) $typed > $most) {
            $this->refuse($field, Say::text('frame.a_number', least: $least, most: $most));

            return null;
        }

        return (int) $typed;
    }
}
