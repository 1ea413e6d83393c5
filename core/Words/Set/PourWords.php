<?php

declare(strict_types=1);

namespace Aequus\Words\Set;

use Aequus\Set\PourWork;

/** The stages of filling a hole, as they are called out. */
final class PourWords
{
    public static function of(PourWork $is): string
    {
        return match ($is) {
            PourWork::NothingIsFilled => 'Nothing is filled: it holds by what it was driven into',
            PourWork::PourFoamAtOnce => 'Mix and pour all at once, away from skin and sun',
            PourWork::HoldUntilHard => 'Hold it plumb until it is hard',
            PourWork::CutLevelAndCover => 'Cut level, cover with earth',
            PourWork::FillToTheGround => 'Fill to the ground, from both sides in turn',
            PourWork::FillBelowTurf => 'Fill until the turf still goes over it, from both sides in turn',
            PourWork::FillTheTube => 'Fill the tube to its top, from both sides in turn',
            PourWork::FillFromBothSides => 'Fill, from both sides in turn',
            PourWork::WaterIt => 'Water it as the bag says, and wait until it has gone down',
            PourWork::RodOutTheAir => 'Rod out the air, without pushing the post',
            PourWork::BarsWherePlanned => 'Bars, where they are planned: off the earth, under cover',
            PourWork::SetTheAnchor => 'Set the anchor level and on the string while it is workable',
            PourWork::StrikeOff => 'Strike off level',
            PourWork::CoverForTheCure => 'Cover it; bases and posts after the cure',
            PourWork::PlumbWhileWorkable => 'Plumb both faces once more while it is workable',
            PourWork::SlopeTheTop => 'Finish: slope the top away from the post',
            PourWork::CoverWithTurf => 'Slope its top; once it is hard, earth and turf go over it',
            PourWork::BracesOff => 'Braces off when the time is over and the surface is hard',
            PourWork::PourTheCollar => 'Pour the collar, slope its top',
            PourWork::PlumbOnceMore => 'Plumb both faces once more',
            PourWork::MoundTheTop => 'Mound the top, from the post down to the ground, so that water runs off',
            PourWork::TampToTheGround => 'Level the top with the ground, a little higher at the post',
            PourWork::TampALift => 'Lift {lift} of {lifts}: fill, tamp round and round',
            PourWork::TampALiftAndPlumb => 'Lift {lift} of {lifts}: fill, tamp round and round, then plumb both faces',
        };
    }
}
