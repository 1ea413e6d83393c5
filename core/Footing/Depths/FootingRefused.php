<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;
use Aequus\Plan\Posts\Post;

/** A footing that can't be set as asked. */
final class FootingRefused extends Refusal
{
    public static function bellDoesNotFit(): self
    {
        return new self(Fact::of(FootingRefusal::BellDoesNotFit));
    }

    public static function soldByNothing(): self
    {
        return new self(Fact::of(FootingRefusal::SoldByNothing));
    }

    public static function tubeTooNarrow(): self
    {
        return new self(Fact::of(FootingRefusal::TubeTooNarrow));
    }

    public static function pierInTheGround(Post $post): self
    {
        return new self(Fact::of(FootingRefusal::PierInTheGround, post: $post));
    }

    public static function pierAboveThePost(Post $post): self
    {
        return new self(Fact::of(FootingRefusal::PierAboveThePost, post: $post));
    }

    public static function planeTooHigh(Post $post): self
    {
        return new self(Fact::of(FootingRefusal::PlaneTooHigh, post: $post));
    }
}
