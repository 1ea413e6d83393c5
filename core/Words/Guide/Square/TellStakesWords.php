<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\TellStakes;

final class TellStakesWords
{
    public static function of(TellStakes $is): string
    {
        return match ($is) {
            TellStakes::LookAtTheTape => 'Look at how the tape is held, or accept the layout',
            TellStakes::TakeUpAbove => 'Take up above what stands off {line}',
            TellStakes::JudgeByTheLine => 'Judge the layout by the line',
            TellStakes::JudgeAnotherWay => 'Judge the layout by {way}',
            TellStakes::ChangePlanToWhatStands => 'Change the plan to what stands, or take it up above',
            TellStakes::UseABetterTape => 'Use a better tape, or accept the layout',
            TellStakes::RougherThanClass => 'No single reading is wrong, but together they scatter {times} times as much as a {tape} should. '
                .'Wind, sag, a loose stake or slack strings do that. '
                .'Choose the class that fits, read again with more care, or take it with a reason.',
            TellStakes::SetAskewToLine => 'The posts that are set stand out of parallel to {line}, and they can’t move any more. '
                .'Change the plan to what stands, take it up in what goes on top, or take it with a reason.',
            TellStakes::SetOffTheLine => 'The posts that are set stand too near to or too far from {line}, and they can’t move any more. '
                .'Change the plan to what stands, take it up in what goes on top, or take it with a reason.',
            TellStakes::StakesAskewToLine => 'The stakes fit the plan among themselves, but they stand out of parallel to {line}. '
                .'Judged by the line each is told its move; or keep only a distance from it, or take the layout with a reason.',
            TellStakes::StakesOffTheLine => 'The stakes fit the plan among themselves, but they stand too near to or too far from {line}. '
                .'Judged by the line each is told its move; or keep only a distance from it, or take the layout with a reason.',
            TellStakes::SetOffAnyGrid => 'The posts that are set lie {worst} off any true grid, and they can’t move. Anchors, notches or a '
                .'new plan must give.',
            TellStakes::ErrorsAddUp => 'Counted from the base line, errors add up until {open} is left open at the far stakes. '
                .'By {way} these same readings tell of every stake. Choose it below.',
            TellStakes::PlaceIsOpen => 'Where {post} stands is open by {open}; this job allows {allowed}. This tape brings it to {then}.',
            TellStakes::CannotProve => 'These readings leave {open} open, more than the {allowed} this job allows, and no further reading '
                .'with a {tape} changes that much. '
                .'They can’t prove it.',
            TellStakes::OffTheLine => 'off the line',
            TellStakes::OutOfParallel => 'out of parallel over the whole length',
            TellStakes::OffItsPlace => 'off its place',
            TellStakes::EitherWay => 'either way',
        };
    }
}
