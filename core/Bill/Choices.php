<?php

declare(strict_types=1);

namespace Aequus\Bill;

use Aequus\Footing\Footings;
use Aequus\Footing\Holding\HoldAdvice;
use Aequus\Footing\Holding\HoldAdviser;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Footing\FootingRules;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/**
 * What holding the posts another way, or choosing their depths another way, would cost. Ways to hold stand in the order in which they suit the site,
 * never by price; holes that are dug count as they are.
 */
final readonly class Choices
{
    /** @var list<Choice> as they suit the site; driven posts, which are bought otherwise, only where they are decided */
    public array $holds;

    /** @var list<Choice> */
    public array $depths;

    public function __construct(private SiteState $site)
    {
        $plan = $site->plan;
        $order = $site->walk();
        $decided = $plan->holding?->ofPosts->all() === [] ? $plan->holding->ofJob : null;
        $advice = $plan->holding === null ? [] : (new HoldAdviser($plan->holding->site))->ranked;
        $ways = $advice === [] ? Hold::cases() : array_map(fn (HoldAdvice $one) => $one->hold, $advice);
        $holds = [];
        foreach ($ways as $i => $hold) {
            $work = $hold->isDug() || $hold === $decided ? $site->footing->work($order, $hold) : [];
            if ($work !== []) {
                $holds[] = $this->choice($hold, $hold === $decided, $work, $plan, $advice[$i] ?? null);
            }
        }
        [$this->holds, $this->depths] = [$holds, $holds === [] || $plan->footing === null ? [] : $this->depths($plan, $plan->footing, $order)];
    }

    /**
     * @param  list<Post>  $order
     * @return list<Choice>
     */
    private function depths(Plan $plan, FootingRules $rules, array $order): array
    {
        $depths = [];
        foreach (DepthMode::cases() as $mode) {
            $other = $plan->withFooting($rules->dug($mode, $mode === $rules->mode ? $rules->askedPlane : null));
            $footing = new Footings($other, $this->site->log, $this->site->level->ground);
            if ($footing->refused === null) {
                $depths[] = $this->choice($mode, $mode === $rules->mode, $footing->work($order), $other, null);
            }
        }

        return $depths;
    }

    /** @param  list<HoleWork>  $work */
    private function choice(Hold|DepthMode $what, bool $isDecided, array $work, Plan $plan, ?HoldAdvice $advice): Choice
    {
        [$carried, $dug] = Choice::weights($plan, $work);

        return new Choice($what, $isDecided, (new JobNeeds($this->site, $work))->bill(), $carried, $dug, $advice?->possible, $advice->against ?? []);
    }
}
