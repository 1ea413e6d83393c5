<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\PullTapes;

final class PullTapesWords
{
    public static function of(PullTapes $is): string
    {
        return match ($is) {
            PullTapes::PullTape => 'Pull the tape {from}–{to}',
            PullTapes::MeasureOffString => 'Measure {stake} off the string {from}–{to}',
            PullTapes::MeasureOffLine => 'Measure {stake} off {line}',
            PullTapes::IfBothStand => 'If both stakes stand where the plan has them it reads {planned}.',
            PullTapes::OnTheNails => 'Hold it on the nails, level.',
            PullTapes::HandIsNearEnough => 'A hand’s breadth is near enough before the boards stand.',
            PullTapes::StretchTheString => 'Stretch the string from nail to nail, tight and touching nothing, and read how far the nail of '
                .'{stake} stands beside it. '
                .'If it stands right it reads {planned}.',
            PullTapes::StringRunsBeside => 'The string on the boards runs {ran}, counted from the post centres: tight and touching nothing. '
                .'Read how far the nail of {stake} stands beside it. If it stands right it reads {planned}.',
            PullTapes::SquareToIt => 'Hold the tape square to it, level, and read to the nail of {stake}. If it stands right it reads {planned}. '
                .'The grid runs parallel to {line}: offsets at several stakes hold it.',
            PullTapes::StakeToStake => 'from stake to stake',
            PullTapes::TheString => 'beside the string',
        };
    }
}
