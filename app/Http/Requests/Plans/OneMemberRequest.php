<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Frame\FrameOnPosts;
use Aequus\Measure\Unit;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\OneMember;
use Aequus\Plan\Plan;
use Aequus\Site\SiteState;
use App\Frame\MembersPage;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** One member of a layer that is otherwise than the rest: which, and what of it. */
final class OneMemberRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function decided(SiteState $site): Plan
    {
        $plan = $site->plan;
        $page = new MembersPage($site, '', '', $this->text('on'));
        $kind = LayerKind::tryFrom($this->text('layer'));
        $layer = $kind?->isChangedSingly() ? $page->rules->layer($kind) : null;
        $typed = $this->text('number');
        // What is taken back may be one that the plan has no more.
        $last = $page->frame === null || $layer === null ? 0 : self::last($page->frame, $layer);
        $number = ctype_digit($typed) ? (int) $typed : 0;
        if ($layer === null || $number < 1 || ($number > $last && ! $this->boolean('back'))) {
            $this->refuse('number', Say::text('frame.single_none', last: $last));
            $this->stopIfRefused();
        }
        $one = $this->boolean('back') || $layer === null ? null : $this->one($layer, $plan->notation->unit);
        $changed = $this->attempt('thick', fn () => $layer?->otherwise($number, $one));
        $this->stopIfRefused();
        $rules = $changed === null ? $page->rules : $page->rules->with($changed);

        return $page->part === null ? $plan->withFrame($rules) : $plan->withPartFrame($page->part, $rules);
    }

    private static function last(FrameOnPosts $frame, Layer $layer): int
    {
        return $layer->kind === LayerKind::Beam ? count($frame->footprint->lines) : $frame->space->places($layer);
    }

    private function one(Layer $layer, Unit $unit): OneMember
    {
        [$thick, $deep] = [$this->lengthOrNone('thick', $unit), $this->lengthOrNone('deep', $unit)];
        $plies = $this->text('count');
        if ($plies !== '' && (! ctype_digit($plies) || (int) $plies < 1 || (int) $plies > Layer::MOST_COUNTED)) {
            $this->refuse('count', Say::text('frame.a_number', least: 1, most: Layer::MOST_COUNTED));
        }
        $deep = $deep !== null && $deep->equals($layer->deep) ? null : $deep;
        $one = new OneMember(
            $thick !== null && $thick->equals($layer->thick) ? null : $thick, $deep,
            ctype_digit($plies) && (int) $plies !== $layer->count ? (int) $plies : null, mb_substr($this->text('relied'), 0, 120),
        );
        if ($one->thick === null && $one->deep === null && $one->count === null) {
            $this->refuse('thick', Say::text('frame.single_same'));
        }

        return $one;
    }
}
