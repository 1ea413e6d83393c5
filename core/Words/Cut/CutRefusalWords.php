<?php

declare(strict_types=1);

namespace Aequus\Words\Cut;

use Aequus\Cut\CutRefusal;

/** What was wrong, where, and what to enter instead. */
final class CutRefusalWords
{
    public static function of(CutRefusal $is): string
    {
        return match ($is) {
            CutRefusal::MembersDoNotFit => 'So many members do not fit that length, or there are fewer than two. Check count, thickness and length.',
            CutRefusal::NotchThroughThePost => 'A notch is shallower than the post, and it and its beam are above zero. Check both.',
            CutRefusal::MarkBelowGround => 'At {post} this lies below the ground. Raise it, or choose another ground to count from.',
        };
    }
}
