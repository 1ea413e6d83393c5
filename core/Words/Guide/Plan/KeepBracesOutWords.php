<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Plan;

use Aequus\Guide\Plan\KeepBracesOut;

final class KeepBracesOutWords
{
    public static function of(KeepBracesOut $is): string
    {
        return match ($is) {
            KeepBracesOut::MoveBrace => 'Move the {brace} at {post}',
            KeepBracesOut::BraceBlocks => 'It stands {high} up, in the way of {thing}.',
            KeepBracesOut::BraceHigher => 'It does not from {above} up.',
            KeepBracesOut::BraceLower => 'Nor does it at {below} or lower.',
            KeepBracesOut::BraceShorter => 'Nor with a leg of {leg} at most.',
            KeepBracesOut::BraceOnAnotherSide => 'It does not to the {sides|}.',
            KeepBracesOut::BraceNowhere => 'At this post it is in the way at any height. Put it between two others, or take it off the plan.',
            KeepBracesOut::OrHigher => 'up, or higher',
            KeepBracesOut::OrLower => 'up, or lower',
            KeepBracesOut::LongestLeg => 'at most along the beam',
        };
    }
}
