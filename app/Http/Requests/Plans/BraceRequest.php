<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Measure\Length;
use Aequus\Plan\Place\Brace;
use Aequus\Plan\Place\BraceKind;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Side;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** A tie, a knee or a prop: put on the plan, or taken away. */
final class BraceRequest extends PlanChangeRequest
{
    /**
     * @return array{Plan, string} what holds now, and why, in words
     *
     * @throws ValidationException with each refusal at its field
     */
    public function plan(Plan $plan): array
    {
        if ($this->text('what') === 'drop') {
            $place = $this->integer('place');

            return [
                $plan->withBraces(array_values(array_filter($plan->braces, fn (int $i) => $i !== $place, ARRAY_FILTER_USE_KEY))),
                Say::text('refusals.brace.no_more'),
            ];
        }
        $kind = $this->choice('brace_kind', BraceKind::class);
        [$post, $to] = [$this->labelled('brace_post', $plan), $kind === BraceKind::Prop ? null : $this->labelled('brace_to', $plan)];
        $toward = $kind === BraceKind::Prop ? $this->choice('brace_side', Side::class) : null;
        $high = $this->length('brace_high', $plan->notation->unit);
        $reach = $kind === BraceKind::Tie ? Length::zero() : $this->length('brace_reach', $plan->notation->unit);
        $this->stopIfRefused();
        assert($kind && $post && $high && $reach);
        $brace = $this->attempt('brace_high', fn () => new Brace($kind, $post, $to, $toward, $high, $reach));
        $this->stopIfRefused();

        return [$plan->withBraces([...$plan->braces, $brace ?? throw $this->refused()]), Say::text('refusals.brace.one_more')];
    }

    private function labelled(string $field, Plan $plan): ?PostId
    {
        return $this->attempt($field, fn () => $plan->grid->labelled($this->text($field))->id);
    }
}
