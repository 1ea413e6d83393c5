<?php

declare(strict_types=1);

namespace Aequus\Words\Set;

use Aequus\Set\PourDeed;

/** The stages of filling a hole, as they are called out. */
final class PourWords
{
    public static function of(PourDeed $deed): string
    {
        return match ($deed) {
            PourDeed::NothingIsFilled => 'Nothing is filled: it holds by what it was driven into',
            PourDeed::PourFoamAtOnce => 'Mix and pour all at once, away from skin and sun',
            PourDeed::HoldUntilHard => 'Hold it plumb until it is hard',
            PourDeed::CutLevelAndCover => 'Cut level, cover with earth',
            PourDeed::FillToTheGround => 'Fill to the ground, from both sides in turn',
            PourDeed::FillBelowTurf => 'Fill until the turf still goes over it, from both sides in turn',
            PourDeed::FillTheTube => 'Fill the tube to its top, from both sides in turn',
            PourDeed::FillFromBothSides => 'Fill, from both sides in turn',
            PourDeed::WaterIt => 'Water it as the bag says, and wait until it has gone down',
            PourDeed::RodOutTheAir => 'Rod out the air, without pushing the post',
            PourDeed::BarsWherePlanned => 'Bars, where they are planned: off the earth, under cover',
            PourDeed::SetTheAnchor => 'Set the anchor level and on the string while it is workable',
            PourDeed::StrikeOff => 'Strike off level',
            PourDeed::CoverForTheCure => 'Cover it; bases and posts after the cure',
            PourDeed::PlumbWhileWorkable => 'Plumb both faces once more while it is workable',
            PourDeed::SlopeTheTop => 'Finish: slope the top away from the post',
            PourDeed::CoverWithTurf => 'Slope its top; once it is hard, earth and turf go over it',
            PourDeed::BracesOff => 'Braces off when the time is over and the surface is hard',
            PourDeed::PourTheCollar => 'Pour the collar, slope its top',
            PourDeed::PlumbOnceMore => 'Plumb both faces once more',
            PourDeed::MoundTheTop => 'Mound the top, from the post down to the ground, so that water runs off',
            PourDeed::TampToTheGround => 'Level the top with the ground, a little higher at the post',
            PourDeed::TampALift => 'Lift {lift} of {lifts}: fill, tamp round and round',
            PourDeed::TampALiftAndPlumb => 'Lift {lift} of {lifts}: fill, tamp round and round, then plumb both faces',
        };
    }
}
