<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

use Aequus\Footing\Materials\Bag;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/**
 * How much work it is to fill holes, in what its rate counts: bags where it is poured, holes where it is tamped. A hole that nobody can reckon yet is
 * taken as the others.
 */
final readonly class FillWork
{
    /** Bags of a hole where none can be reckoned. */
    private const USUAL = 5.0;

    private bool $isPoured;

    /** @var array<string, float> bags by label */
    private array $bags;

    /** @param  array<HoleWork>  $holes  as far as their depth is known */
    public function __construct(Plan $plan, array $holes)
    {
        $bags = [];
        foreach ($holes as $hole) {
            $bags[$hole->of->label] = $hole->concrete / Bag::ofPlan($plan)->yield;
        }
        $this->bags = $bags;
        $this->isPoured = array_filter($plan->grid->posts, fn (Post $post) => $plan->holdOf($post->id)->isPoured()) !== [];
    }

    /** @param  array<Post>  $posts */
    public function of(array $posts): float
    {
        if (! $this->isPoured) {
            return (float) count($posts);
        }
        $usual = $this->bags === [] ? self::USUAL : array_sum($this->bags) / count($this->bags);

        return array_sum(array_map(fn (Post $post) => $this->bags[$post->label] ?? $usual, $posts));
    }
}
