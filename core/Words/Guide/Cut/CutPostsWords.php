<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\CutPosts;

final class CutPostsWords
{
    public static function of(CutPosts $is): string
    {
        return match ($is) {
            CutPosts::CutPost => 'Mark and cut {post}',
            CutPosts::ComesOff => 'The datum line stands {line} above the benchmark’s zero. {off} comes off. Seal the fresh end.',
            CutPosts::AboveTheLine => 'above the datum line',
        };
    }
}
