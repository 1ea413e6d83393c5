<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\FillPosts;

final class FillPostsWords
{
    public static function of(FillPosts $is): string
    {
        return match ($is) {
            FillPosts::PourPier => 'Pour pier {post}',
            FillPosts::FillPost => 'Fill {post}',
            FillPosts::FillWith => '{^fill}.',
            FillPosts::PlumbWhenFull => 'Plumb it again when it is full.',
            FillPosts::FillsPushed => 'The last fills pushed the posts toward the {side}: keep this one as much the other way.',
        };
    }
}
