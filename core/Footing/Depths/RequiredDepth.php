<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;

/** What one hole must reach, and the rule that makes it so deep. */
final readonly class RequiredDepth
{
    public function __construct(
        public Post $post,
        public DepthNeed $need,
        public HighestFoot $highest,
        /** Where the foot of the post will stand. */
        public Length $foot,
        public DepthRule $governing,
    ) {
    }

    /** The clean bottom: below the post its pad, below the pad its gravel. */
    public function bottom(): Length
    {
        return $this->foot->minus($this->need->pad)->minus($this->need->gravel);
    }

    /** Where the tube of a pier stands, or a pad. */
    public function topOfGravel(): Length
    {
        return $this->bottom()->plus($this->need->gravel);
    }

    /** The same hole, so much deeper that a tube stands in it whole. */
    public function deeper(Length $by): self
    {
        return $by->isPositive() ? new self($this->post, $this->need, $this->highest, $this->foot->minus($by), DepthRule::WholeTube) : $this;
    }

    /** From today's ground to the clean bottom. */
    public function holeDepth(): Length
    {
        return $this->need->ground->minus($this->bottom());
    }

    public function postLength(Length $top): Length
    {
        return $top->minus($this->foot);
    }
}
