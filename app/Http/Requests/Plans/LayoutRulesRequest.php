<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Plan\Layout\BoardRules;
use Aequus\Plan\Layout\ChosenPlacement;
use Aequus\Plan\Layout\LayoutRules;
use Aequus\Plan\Layout\ReadingList;
use Aequus\Plan\Layout\StringAt;
use Aequus\Plan\Layout\StringRun;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\PostId;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** How the layout is to be proved, and how strings and boards stand. What a form leaves away stays as it was. */
final class LayoutRulesRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function layout(Plan $plan): LayoutRules
    {
        $before = $plan->layout;
        $unit = $plan->notation->unit;
        $rules = $this->attempt('placement', fn () => new LayoutRules(
            $this->has('placement') ? $this->chosen('placement', ChosenPlacement::class, $before->placement) : $before->placement,
            $this->has('list') ? $this->chosen('list', ReadingList::class, $before->list) : $before->list,
            $this->has('tape') ? $this->chosen('tape', TapeClass::class, $before->tape) : $before->tape,
            $this->has('reach') ? $this->lengthOrNone('reach', $unit) : $before->reach,
            $this->has('strings') ? $this->strings($plan) : $before->strings,
            $this->has('setback') ? $this->boards($plan) : $before->boards,
            $this->has('cover') ? $this->lengthOrNone('cover', $unit) ?? Length::zero() : $before->cover,
            $this->has('base_from') ? $this->end($plan, 'base_from') : $before->baseFrom,
            $this->has('base_to') ? $this->end($plan, 'base_to') : $before->baseTo,
            $before->fixedLines,
            $this->has('stage') ? $this->text('stage') === 'rough' : $before->roughFirst,
            // What could be spared of another list, by another tape, is another question.
            $this->hasAny(['list', 'tape', 'placement', 'reach']) ? [] : $before->spared,
        ));
        $this->stopIfRefused();

        return $rules ?? throw $this->refused();
    }

    /** In words, for the list of revisions. */
    public function reason(): string
    {
        return mb_substr($this->text('reason') === '' ? Say::text('refusals.layout_rules.how_the_layout_is_proved') : $this->text('reason'), 0, 250);
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @param  E  $before
     * @return E
     */
    private function chosen(string $field, string $enum, object $before): object
    {
        return $this->choice($field, $enum) ?? $before;
    }

    private function strings(Plan $plan): StringRun
    {
        return match ($this->choice('strings', StringAt::class)) {
            StringAt::Face => StringRun::face(),
            StringAt::BothFaces => StringRun::bothFaces(),
            StringAt::Offset => StringRun::offset($this->length('string_off', $plan->notation->unit) ?? Length::zero()),
            default => StringRun::centre(),
        };
    }

    private function boards(Plan $plan): BoardRules
    {
        $unit = $plan->notation->unit;
        [$setback, $length, $height] = [
            $this->length('setback', $unit), $this->length('board_length', $unit), $this->lengthOrNone('board_height', $unit),
        ];
        if ($setback === null || $length === null) {
            return $plan->layout->boards;
        }
        if (! $setback->isLongerThan($plan->hole->reach())) {
            $this->refuse('setback', Say::text('refusals.layout_rules.the_boards_would_stand_in'));
        }

        return $this->attempt('board_length', fn () => new BoardRules($setback, $length, $height)) ?? $plan->layout->boards;
    }

    private function end(Plan $plan, string $field): ?PostId
    {
        return $this->text($field) === '' ? null : $this->attempt($field, fn () => $plan->grid->labelled($this->text($field))->id);
    }
}
