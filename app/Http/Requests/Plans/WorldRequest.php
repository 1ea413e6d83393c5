<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Adjust\Placement\PlacementRefused;
use Aequus\Adjust\Placement\WorldFit;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\WorldPlace;
use Aequus\Plan\Plan;
use App\Files\WorldPage;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** Posts whose place in the world is known, and what else is said of it. */
final class WorldRequest extends PlanChangeRequest
{
    /** Nobody’s grid of coordinates reaches further, mm. */
    private const FURTHEST = 1e11;

    /** @throws ValidationException with each refusal at its field */
    public function place(Plan $plan): WorldPlace
    {
        $points = $seen = [];
        for ($i = 1; $i <= WorldPage::MOST_POINTS; $i++) {
            if ($this->text("post_{$i}") === '' && $this->text("east_{$i}") === '' && $this->text("north_{$i}") === '') {
                continue;
            }
            $post = $this->attempt("post_{$i}", fn () => $plan->grid->labelled($this->text("post_{$i}")));
            [$east, $north] = [$this->metres("east_{$i}", $plan), $this->metres("north_{$i}", $plan)];
            if ($post !== null && isset($seen[$post->label])) {
                $this->refuse("post_{$i}", Say::text('files.world_twice', label: $post->label));
            }
            if ($post !== null && $east !== null && $north !== null) {
                $points[] = [$post->id, $east, $north];
                $seen[$post->label] = true;
            }
        }
        $height = $this->text('zero_height') === '' ? null : $this->metres('zero_height', $plan);
        $factor = $this->decimal('factor', Say::text('days.no_figure')) ?? 1.0;
        $system = $this->text('system');
        if ($system !== '' && preg_match('/^\d{4,6}$/', $system) !== 1) {
            $this->refuse('system', Say::text('files.world_no_system'));
        }
        $this->checkFit($points, $plan, $factor);
        $this->stopIfRefused();

        return new WorldPlace($points, $height, $factor, $system);
    }

    /** @param  list<array{\Aequus\Plan\Posts\PostId, Length, Length}>  $points */
    private function checkFit(array $points, Plan $plan, float $factor): void
    {
        if ($this->refusals !== []) {
            return;
        }
        $named = [];
        foreach ($points as [$id, $east, $north]) {
            $post = $plan->grid->find($id);
            if ($post !== null) {
                $named[$post->label] = [$post->at->inMillimetres(), new Vector($east->inMillimetres(), $north->inMillimetres())];
            }
        }
        try {
            $fit = new WorldFit($named, $plan->closest()->inMillimetres(), $factor);
        } catch (PlacementRefused $refused) {
            $this->refuse('post_1', $refused);

            return;
        }
        if (! $fit->fits) {
            $this->refuse('post_1', $fit->worst === null ? Say::text('files.world_no_fit', ratio: number_format($fit->ratio, 5)) : Say::text(
                $fit->restFits ? 'files.world_worst' : 'files.world_worst_too', label: $fit->worst, ratio: number_format($fit->ratio, 5),
            ));
        }
    }

    /** Metres, or feet where the job measures so; null where it was refused. */
    private function metres(string $field, Plan $plan): ?Length
    {
        $figure = $this->decimal($field, Say::text('files.world_no_figure'));
        $mm = $figure === null ? null : $figure * $plan->notation->system()->far;
        if ($mm === null || abs($mm) > self::FURTHEST) {
            $this->refuse($field, Say::text('files.world_no_figure'));

            return null;
        }

        return Length::millimetres(round($mm, 4));
    }
}
