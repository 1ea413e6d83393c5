<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\Unit;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Part\Part;
use Aequus\Plan\Plan;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** What stands on the posts: every layer of the page changed or left out, and perhaps one more. */
final class FrameRequest extends PlanChangeRequest
{
    /** More at one crossing nobody drives in. */
    private const MOST_FIXINGS = 20;

    /** @throws ValidationException with each refusal at its field */
    public function decided(Plan $plan): Plan
    {
        $id = explode('.', $this->text('on'))[0];
        $part = array_values(array_filter($plan->parts, fn (Part $part) => $part->id === $id))[0] ?? null;

        return $part === null ? $plan->withFrame($this->frame($plan, UsualFrame::orDecided($plan))) : $plan->withPartFrame($part, $this->frame($plan, UsualFrame::ofPart($plan, $part)));
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
        $length = fn (string $field, ?Length $now): ?Length => $this->has("{$kind->value}_{$field}") ? $this->length("{$kind->value}_{$field}", $unit) : $now;
        [$thick, $deep, $apart, $past, $gap] = [
            $length('thick', $layer->thick), $length('deep', $layer->deep), $length('apart', $layer->apart), $length('past', $layer->past), $length('gap', $layer->gap),
        ];
        $count = $this->has("{$kind->value}_count") ? $this->number("{$kind->value}_count", 1, Layer::MOST_COUNTED) : $layer->count;
        $fixings = $this->number("{$kind->value}_fixings", 0, self::MOST_FIXINGS);
        if ($this->refusals !== [] || $thick === null || $deep === null || $count === null || $fixings === null) {
            return null;
        }

        return $this->attempt("{$kind->value}_thick", fn () => new Layer(
            $kind, $thick, $deep, $count, $apart, $past, $gap, $fixings, mb_substr($this->text("{$kind->value}_relied"), 0, 120),
        ));
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
