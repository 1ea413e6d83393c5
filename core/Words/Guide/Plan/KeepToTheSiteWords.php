<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Plan;

use Aequus\Guide\Plan\KeepToTheSite;

final class KeepToTheSiteWords
{
    public static function of(KeepToTheSite $is): string
    {
        return match ($is) {
            KeepToTheSite::KeepPostClear => 'Move {post} clear of {line}',
            KeepToTheSite::FixedThroughPost => 'By the plan {line} runs through the post. Change the plan, or take it with a reason.',
            KeepToTheSite::FixedTooNear => 'By the plan its face stands {room} from it; {least} is to be kept. Change the plan, or take it with a '
                .'reason.',
            KeepToTheSite::TooNear => 'too near',
        };
    }
}
