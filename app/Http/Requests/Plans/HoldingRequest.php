<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Footing\Holding\HoldAdviser;
use Aequus\Logbook\Kind\Question;
use Aequus\Measure\Temperature;
use Aequus\Measure\Unit;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Holding\CureDatum;
use Aequus\Plan\Holding\Customs;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\Holding;
use Aequus\Plan\Holding\HoldingSite;
use Aequus\Plan\Holding\PierRules;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\ByPost;
use Aequus\Plan\Terms\PlanRefused;
use Aequus\Words\Names;
use Aequus\Words\Plan\HoldWords;
use App\Type\Say;
use Illuminate\Validation\ValidationException;

/** How the posts of a job are held, with the site it was weighed for. */
final class HoldingRequest extends PlanChangeRequest
{
    /** @throws ValidationException with each refusal at its field */
    public function holding(Plan $plan): Holding
    {
        $soil = $this->choice('soil', Soil::class);
        $banned = array_values(array_filter(Hold::cases(), fn (Hold $hold) => $this->boolean("ban_{$hold->value}")));
        $site = new HoldingSite(
            $soil ?? Soil::Clay, $this->boolean('water'), $this->boolean('roof'), $this->boolean('wood'), $this->boolean('no_brace'),
            $this->boolean('repair'), $this->boolean('carried'), $banned, $this->boolean('hold_down'), $this->boolean('floor'),
        );
        $ofJob = $this->choice('of_job', Hold::class);
        /** @var array<string, Hold> $ofPosts */
        $ofPosts = [];
        foreach (Hold::cases() as $hold) {
            $posts = $this->posts("posts_{$hold->value}", $plan->grid);
            if (($posts !== [] || $hold === $ofJob) && ($why = $this->speaksAgainst($hold, $site)) !== null) {
                $this->refuse($hold === $ofJob ? 'of_job' : "posts_{$hold->value}", $why);
            }
            foreach ($posts as $post) {
                if (isset($ofPosts[$post->value])) {
                    $this->refuse("posts_{$hold->value}", Say::text('refusals.holding.a_post_is_held_one'));
                }
                $ofPosts[$post->value] = $hold;
            }
        }
        $collar = $this->lengthOrNone('collar', $plan->notation->unit) ?? Holding::usualCollar($plan->notation);
        $datum = $this->cureDatum($plan->notation->unit);
        $this->stopIfRefused();
        assert($ofJob !== null && $datum !== null);
        $holding = $this->attempt('collar', fn () => new Holding(
            $ofJob, $site, $plan->holding->pier ?? PierRules::usual($plan->notation), $collar, ByPost::fromStored(array_filter(
                $ofPosts, fn (Hold $hold) => $hold !== $ofJob,
            )),
            Customs::of(array_map(fn (mixed $value) => is_string($value) ? $value : '', (array) $this->input('customs', [])), $datum),
        ));
        $this->stopIfRefused();

        return $holding ?? throw $this->refused();
    }

    /** What is odd about a way to hold stands at its choice. */
    protected function fieldOf(Question $question): string
    {
        return 'of_job';
    }

    /** From which temperature the cure is counted: freezing where nobody typed another; null when refused. */
    private function cureDatum(Unit $unit): ?CureDatum
    {
        if ($this->text('cure_datum') === '') {
            return new CureDatum;
        }
        $typed = Temperature::read($this->text('cure_datum'), $unit);

        return $this->attempt('cure_datum', fn () => $typed === null ? throw PlanRefused::cureDatumOutOfRange() : new CureDatum($typed->celsius));
    }

    /** Why a way can’t be chosen on this site at all; null where it can. */
    private function speaksAgainst(Hold $hold, HoldingSite $site): ?string
    {
        foreach ((new HoldAdviser($site))->ranked as $advice) {
            if ($advice->hold === $hold && ! $advice->possible) {
                return Say::text(
                    'refusals.holding.choose_another_way_or_change', part: ucfirst(Names::of($hold)), what: HoldWords::reason($advice->against[0]),
                );
            }
        }

        return null;
    }
}
