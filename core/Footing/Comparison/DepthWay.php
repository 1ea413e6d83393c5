<?php

declare(strict_types=1);

namespace Aequus\Footing\Comparison;

use Aequus\Footing\Depths\Depths;
use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Depths\PostTops;
use Aequus\Footing\Depths\RequiredDepth;
use Aequus\Footing\Holes\HoleWork;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** One way to choose the depths of a job, with all it takes. */
final readonly class DepthWay
{
    /** @var list<HoleWork> */
    public array $holes;

    public HoleWork $longest;

    /** mm³ */
    public float $dug;

    /** mm³ */
    public float $concrete;

    /** Posts bought, each in the next length they are sold in. */
    public Length $stock;

    /** How many different lengths of post, as the job writes lengths. */
    public int $lengths;

    /** @var list<Post> whose holes the auger doesn’t reach */
    public array $beyondAuger;

    /** @var array<string, float> what each of DepthPrices::NAMES counts for */
    public array $parts;

    public float $cost;

    /**
     * @param  ?Hold  $instead  a way to hold all posts; null for the ways decided
     * @param  Length  $soldBy  posts are sold in multiples of it
     * @param  ?Length  $auger  how deep it reaches; null where there is none to mind
     *
     * @throws FootingRefused when posts are sold by no length at all
     */
    public function __construct(
        public DepthMode $mode, public Depths $depths, Plan $plan, ?Hold $instead, PostTops $tops, DepthPrices $prices, Length $soldBy,
        ?Length $auger,
    ) {
        if (! $soldBy->isPositive()) {
            throw FootingRefused::soldByNothing();
        }
        $this->holes = array_map(
            fn (RequiredDepth $required) => HoleWork::planned($plan, $instead ?? $plan->holdOf($required->post->id), $tops, $required),
            $depths->required->all(),
        );
        $longest = $this->holes[0];
        $beyond = [];
        $dug = $concrete = 0.0;
        $stock = 0;
        $lengths = [];
        foreach ($this->holes as $hole) {
            $longest = $hole->depth->isLongerThan($longest->depth) ? $hole : $longest;
            [$dug, $concrete] = [$dug + $hole->dug, $concrete + $hole->concrete];
            $stock += (int) ceil($hole->post->nanometres / $soldBy->nanometres) * $soldBy->nanometres;
            $lengths[$plan->notation->round($hole->post)->nanometres] = true;
            if ($auger !== null && $hole->depth->isLongerThan($auger)) {
                $beyond[] = $hole->of;
            }
        }
        [$this->longest, $this->dug, $this->concrete, $this->stock, $this->beyondAuger] = [
            $longest, $dug, $concrete, Length::nanometres($stock), $beyond,
        ];
        $this->lengths = count($lengths);
        $this->parts = [
            'post' => $prices->post * $this->stock->inMillimetres(), 'concrete' => $prices->concrete * $concrete,
            'digging' => $prices->digging * $dug, 'lengths' => $prices->lengths * $this->lengths,
        ];
        $this->cost = array_sum($this->parts);
    }
}
