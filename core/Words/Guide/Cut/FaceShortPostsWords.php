<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\FaceShortPosts;

final class FaceShortPostsWords
{
    public static function of(FaceShortPosts $is): string
    {
        return match ($is) {
            FaceShortPosts::FaceShortPost => 'Post {post} is short: cut nothing yet',
            FaceShortPosts::TopBelowItsMark => 'Its top stands below its mark. Lower all tops in a new plan, change the post, or decide how to '
                .'make it good.',
            FaceShortPosts::TooShort => 'too short',
        };
    }
}
