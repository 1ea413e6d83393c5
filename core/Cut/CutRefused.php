<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;
use Aequus\Plan\Posts\Post;

/** A set-out at the top that can't be made. */
final class CutRefused extends Refusal
{
    public static function membersDoNotFit(): self
    {
        return new self(Fact::of(CutRefusal::MembersDoNotFit));
    }

    public static function notchThroughThePost(): self
    {
        return new self(Fact::of(CutRefusal::NotchThroughThePost));
    }

    public static function markBelowGround(Post $post): self
    {
        return new self(Fact::of(CutRefusal::MarkBelowGround, post: $post));
    }
}
