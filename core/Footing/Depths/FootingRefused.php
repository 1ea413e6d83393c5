<?php

declare(strict_types=1);

namespace Aequus\Footing\Depths;

use Aequus\Measure\Refusal;
use Aequus\Plan\Posts\Post;

/** A footing that can't be set as asked. */
final class FootingRefused extends Refusal
{
    public static function bellDoesNotFit(): self
    {
        return new self('The bell is higher than the hole is deep, or narrower than the hole. Check its height and width.');
    }

    public static function soldByNothing(): self
    {
        return new self('Posts are sold in steps of a length above zero. Enter the step, such as 2 ft or 600 mm.');
    }

    public static function tubeTooNarrow(): self
    {
        return new self('The tube is too narrow for its base: the corners of the base and its edge distance reach beyond the concrete. Take a wider tube or a smaller base.');
    }

    public static function pierInTheGround(Post $post): self
    {
        return new self("At {$post->label} the ground is higher than the tops asked for: the pier would end in it. Ask for a higher top.");
    }

    public static function pierAboveThePost(Post $post): self
    {
        return new self("At {$post->label} the pier and its base would reach above the top of the post. Ask for a lower top.");
    }

    public static function planeTooHigh(Post $post): self
    {
        return new self("The level asked for is too high: post {$post->label} needs its foot lower. Ask for a lower plane, or leave it empty.");
    }
}
