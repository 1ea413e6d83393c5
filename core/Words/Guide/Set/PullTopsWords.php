<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\PullTops;

final class PullTopsWords
{
    public static function of(PullTops $is): string
    {
        return match ($is) {
            PullTops::PullTop => 'Pull the top of {post}',
            PullTops::AtTheBrace => 'At the brace that is {pulls}. The limit is 1 in {limit}.',
            PullTops::PullWhileItGives => 'It is filled: pull only while the fill still gives, or take the lean with a reason.',
            PullTops::ReadBothFacesAgain => 'Then read both faces again.',
        };
    }
}
