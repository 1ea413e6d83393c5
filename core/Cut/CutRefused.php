<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;
use Aequus\Measure\Refusal;
use Aequus\Plan\Posts\Post;

/** A set-out at the top that can't be made. */
final class CutRefused extends Refusal
{
    public static function longerThanEveryStock(Length $piece): self
    {
        return new self("A piece of {$piece->inMillimetres()} mm is longer than every stock length. Add a longer stock, or splice it over a post.");
    }

    public static function membersDoNotFit(): self
    {
        return new self('So many members do not fit that length, or there are fewer than two. Check count, thickness and length.');
    }

    public static function notchThroughThePost(): self
    {
        return new self('A notch is shallower than the post, and it and its beam are above zero. Check both.');
    }

    public static function markBelowGround(Post $post): self
    {
        return new self("At {$post->label} this lies below the ground. Raise it, or choose another ground to count from.");
    }
}
