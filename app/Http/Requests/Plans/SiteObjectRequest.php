<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Length;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Terms\Point;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** Something on the site: put on the plan, changed or taken away. */
final class SiteObjectRequest extends PlanChangeRequest
{
    use ReadsBays;

    /**
     * @param  int  $revision  the number that the plan will have: what is new is named by it
     * @return array{Plan, string} what holds now, and why, in words
     *
     * @throws ValidationException with each refusal at its field
     */
    public function plan(Plan $plan, int $revision): array
    {
        $now = array_values(array_filter($plan->site, fn (SiteObject $object) => $object->id === $this->text('object')))[0] ?? null;
        if ($this->text('what') === 'drop') {
            return [
                $plan->withSite(array_values(array_filter($plan->site, fn (SiteObject $object) => $object->id !== $now?->id))),
                mb_substr(Say::text('refusals.fixed_line.fixed_no_more', name: $now->name ?? '?'), 0, 250),
            ];
        }
        $object = $this->object($plan, $now->id ?? "o{$revision}");
        $site = $now === null ? [...$plan->site, $object] : array_map(fn (SiteObject $one) => $one->id === $object->id ? $object : $one, $plan->site);

        return [
            $this->ask($plan->withSite($site), $plan), mb_substr(Say::text('refusals.fixed_line.fixed_on_the_site', name: $object->name), 0, 250),
        ];
    }

    /** What is odd about it stands at the distance to keep. */
    protected function fieldOf(Question $question): string
    {
        return 'object_least';
    }

    private function object(Plan $plan, string $id): SiteObject
    {
        $unit = $plan->notation->unit;
        $kind = $this->choice('object_kind', SiteKind::class);
        $name = $this->nameOnSite('object_name', $plan, $id);
        $points = $this->pairs('object_points', $unit);
        $least = $this->lengthOrNone('object_least', $unit) ?? Length::zero();
        $reach = $this->lengthOrNone('object_reach', $unit) ?? Length::zero();
        $this->stopIfRefused();
        assert($kind && $points);
        $object = $this->attempt(
            'object_points', fn () => new SiteObject($id, $name, $kind, array_map(fn (array $at) => new Point(...$at), $points), $least, $reach),
        );
        $this->stopIfRefused();

        return $object ?? throw $this->refused();
    }
}
