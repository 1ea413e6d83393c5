<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\PlanRefused;

/** Something that must pass between two posts, or be fixed between them: a machine, a sheet, a panel, a gate. */
final readonly class MustFit
{
    /**
     * @param  Length  $margin  wanted on each side
     * @param  Length  $fixed  what is fixed to the two posts together and reaches into the opening
     * @param  ?Length  $most  the largest gap left over in all that still lets it be fixed; null for what only passes
     * @param  ?Length  $low  above the ground, from where it must stay free; null from the ground
     * @param  ?Length  $high  up to where, with the room over it; null as high as the posts
     * @param  bool  $isLeaf  whether it is the leaf of a gate, hung on the first post
     *
     * @throws PlanRefused when it has no width, or would stand between a post and itself
     */
    public function __construct(
        public string $name,
        public PostId $from,
        public PostId $to,
        public Length $width,
        public Length $margin,
        public Length $fixed,
        public ?Length $most = null,
        public bool $isLeaf = false,
        public ?Length $low = null,
        public ?Length $high = null,
    ) {
        if ($high !== null && ! $high->isLongerThan($low ?? Length::zero())) {
            throw PlanRefused::freeUpsideDown();
        }
        if (! $width->isPositive()) {
            throw PlanRefused::nothingToFit($name);
        }
        if ($from->equals($to)) {
            throw PlanRefused::fitsBetweenOnePost($name);
        }
    }

    /** The same between two other posts. */
    public function between(PostId $from, PostId $to): self
    {
        return new self($this->name, $from, $to, $this->width, $this->margin, $this->fixed, $this->most, $this->isLeaf, $this->low, $this->high);
    }
}
