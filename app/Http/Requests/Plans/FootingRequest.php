<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\Firmer;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Footing\LeastDepths;
use Aequus\Plan\Footing\LeastEmbedment;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Posts\PostRole;
use Aequus\Plan\Terms\FootingRuleRefusal;
use Aequus\Plan\Terms\PlanRefused;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** The rules of depth, decided for every post of a job. */
final class FootingRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function footing(Plan $plan): FootingRules
    {
        $unit = $plan->notation->unit;
        $frost = $this->length('frost', $unit);
        $margin = $this->length('margin', $unit);
        $pad = $this->length('pad', $unit);
        $gravel = $this->length('gravel', $unit);
        $leastGravel = $this->text('least_gravel') === '' ? $gravel : $this->length('least_gravel', $unit);
        $embedment = $this->attempt('embedment', fn () => $this->embedment($plan));
        $mode = $this->choice('mode', DepthMode::class);
        $grade = $this->lengthOrNone('finished_grade', $unit);
        $asked = $this->lengthOrNone('asked_plane', $unit);
        [$today, $local, $maker, $sideways, $forRole] = array_map(
            fn (string $field) => $this->lengthOrNone($field, $unit), ['today', 'local', 'maker', 'sideways', 'for_role'],
        );
        $roles = $this->roles($plan);
        $this->stopIfRefused();
        assert($frost && $margin && $embedment && $pad && $gravel && $leastGravel && $mode);
        $rules = $this->attempt('frost', fn () => new FootingRules(
            $frost, $margin, $embedment, $pad, $gravel, $leastGravel, $mode, $grade, $this->boolean('fill_before_first_frost'),
            $mode === DepthMode::CommonPlane
                ? $asked : null, new LeastDepths($today, $local, $maker, $sideways, $forRole), $roles, Firmer::tryFrom($this->text('firmer'))
                    ?? $plan->footing->firmer ?? Firmer::CornersAndNamed,
        ));
        $this->stopIfRefused();

        return $rules ?? throw $this->refused();
    }

    /** @return ByPost<PostRole> */
    private function roles(Plan $plan): ByPost
    {
        /** @var array<string, PostRole> $roles */
        $roles = [];
        foreach ([PostRole::Gate, PostRole::Anchor, PostRole::Bracing] as $role) {
            foreach ($this->posts("posts_{$role->value}", $plan->grid) as $post) {
                if (isset($roles[$post->value])) {
                    $this->refuse("posts_{$role->value}", Say::text('refusals.footing.a_post_has_one_role'));
                }
                $roles[$post->value] = $role;
            }
        }

        return ByPost::fromStored($roles);
    }

    /** A length, or a share of the whole post such as 1/3 of it or 30 %. */
    private function embedment(Plan $plan): LeastEmbedment
    {
        $typed = $this->text('embedment');
        if ($this->text('embedment_by') !== 'share') {
            return LeastEmbedment::length($this->length('embedment', $plan->notation->unit) ?? $plan->standing);
        }

        return LeastEmbedment::share(match (true) {
            preg_match('#^(\d+)\s*/\s*(\d+)$#', $typed, $part) === 1 && (int) $part[2] > 0 => (int) $part[1] / (int) $part[2],
            preg_match('/^(\d+(?:[.,]\d+)?)\s*%$/', $typed, $part) === 1 => (float) str_replace(',', '.', $part[1]) / 100,
            preg_match('/^0?[.,]\d+$/', $typed) === 1 => (float) str_replace(',', '.', $typed),
            default => throw PlanRefused::footingRule(FootingRuleRefusal::NoShare, $typed),
        });
    }
}
