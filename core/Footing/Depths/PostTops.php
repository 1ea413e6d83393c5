<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;

/** Where the tops will be: as decided, else all level, so far above the highest finished ground as the plan says posts stand. */
final readonly class PostTops
{
    /** Height of the finished ground where it is highest; zero before any is read. */
    public Length $highestGrade;

    /** @param  list<DepthNeed>  $needs */
    public function __construct(private Plan $plan, array $needs)
    {
        $highest = null;
        foreach ($needs as $need) {
            $highest = $highest === null || $need->finishedGrade->isLongerThan($highest) ? $need->finishedGrade : $highest;
        }
        $this->highestGrade = $highest ?? Length::zero();
    }

    public function topOf(Post $post): Length
    {
        return $this->plan->tops?->topOf($post) ?? $this->highestGrade->plus($this->plan->standing);
    }
}
