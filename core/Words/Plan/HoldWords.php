<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Holding\HoldReason;

/** What is told of each way to hold a post. */
final class HoldWords
{
    public static function name(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'post in concrete',
            Hold::Collar => 'earth below, a concrete collar at the top',
            Hold::Gravel => 'pad, crushed gravel tamped',
            Hold::Earth => 'pad, earth tamped back',
            Hold::Foam => 'post in expanding foam',
            Hold::Pier => 'pier with a metal base',
            Hold::Driven => 'steel post, driven',
        };
    }

    /** What stands at its foot. */
    public static function foot(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'gravel, so that the end grain drains; the concrete does not close below the post',
            Hold::Collar, Hold::Earth, Hold::Gravel => 'a poured or flat pad on gravel, wide enough for the load',
            Hold::Pier => 'concrete from below the frost line to a hand above the ground',
            Hold::Foam => 'a flat block or pad: foam carries no load downward',
            Hold::Driven => 'none: it bears on what it was driven into',
        };
    }

    /** What goes round it. */
    public static function fill(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'concrete from the gravel to the ground, its top sloped away from the wood',
            Hold::Collar => 'earth tamped in lifts, then concrete for the last part below the ground',
            Hold::Gravel => 'crushed gravel with its fines, tamped in lifts',
            Hold::Earth => 'the earth that came out, tamped in lifts',
            Hold::Foam => 'foam mixed and poured in one go, a little earth over it against the sun',
            Hold::Pier => 'concrete in the tube; earth outside it, tamped evenly all round',
            Hold::Driven => 'nothing',
        };
    }

    /** What keeps it down. */
    public static function holdsDown(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'the weight of the concrete, and screws or bars through the post near its foot',
            Hold::Collar => 'screws or bars through the post into the collar; the earth under it lifts nothing',
            Hold::Earth, Hold::Gravel => 'a cleat or a collar screwed on near the foot, under the fill',
            Hold::Pier => 'the anchor in the pier; keep its edge distance, let it cure before drilling',
            Hold::Foam => 'friction only: screws near the foot help, uplift is not for foam',
            Hold::Driven => 'friction along its length',
        };
    }

    /** @return non-empty-list<string> what is done at the post, in order */
    public static function stages(Hold $hold): array
    {
        return match ($hold) {
            Hold::Concrete => [
                'clean and tamp the bottom', 'gravel, tamped', 'stand, brace and plumb the post', 'pour in lifts from both sides, rod out the air',
                'plumb again while it is workable', 'slope the top',
            ],
            Hold::Collar => [
                'clean and tamp the bottom', 'gravel and pad', 'stand, brace and plumb the post',
                'earth in lifts of a hand, each tamped, plumb checked at every third', 'pour the collar', 'slope the top',
            ],
            Hold::Gravel, Hold::Earth => [
                'clean and tamp the bottom', 'gravel and pad', 'stand, brace and plumb the post', 'fill in lifts of a hand, each tamped evenly round',
                'plumb checked at every third lift', 'mound the top so that water runs off',
            ],
            Hold::Foam => [
                'clean the bottom, pump it dry', 'block or pad', 'stand and plumb the post, held by hand or brace', 'mix and pour all at once',
                'keep it plumb until it is hard', 'cut level, cover from the sun',
            ],
            Hold::Pier => [
                'clean and tamp the bottom', 'gravel', 'stand the tube plumb, tie it down, backfill evenly', 'inspection',
                'pour, rod out the air, set the anchor while it is workable', 'strike off level', 'after the cure: base and post',
            ],
            Hold::Driven => [
                'start plumb on two sides', 'plumb every few blows, pulled true from out of reach', 'stop at the depth, or by rule where it refuses',
            ],
        };
    }

    /** How long it takes. */
    public static function time(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'braces off after a night in summer, two days in the cold; load after the days the bag says',
            Hold::Collar => 'braces off after a night: the earth holds, the collar only finishes',
            Hold::Earth, Hold::Gravel => 'braces off the same day',
            Hold::Pier => 'pour, then days to cure, then bases and posts: two visits',
            Hold::Foam => 'minutes to set; hold it plumb meanwhile',
            Hold::Driven => 'at once',
        };
    }

    /** What it suits. */
    public static function suits(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'posts that stand free, carry a roof, or stand in loose ground',
            Hold::Collar => 'firm ground and few bags, where a post must not give at the ground line',
            Hold::Gravel => 'wood that shall last, wet ground, posts that will be changed',
            Hold::Earth => 'firm ground far from a road, frames that brace themselves',
            Hold::Foam => 'light posts far from a road, on firm dry ground',
            Hold::Pier => 'floors and braced roofs, where the wood shall stay dry',
            Hold::Driven => 'fences and light hoops in ground without stones',
        };
    }

    /** What speaks against it in general. */
    public static function speaksAgainst(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete => 'weight to carry, water held against the wood, hard to repair; some inspectors ask for a coating',
            Hold::Collar => 'frost can grip the collar and lift; it holds little down',
            Hold::Gravel => 'heavy too, and it holds nothing down by itself',
            Hold::Earth => 'as good as its tamping; clay holds water, sand does not tamp',
            Hold::Foam => 'no load, no uplift; resin on skin, vapour, heat, sunlight; some inspectors bar it',
            Hold::Pier => 'the post turns on its base: the frame must be braced; two visits',
            Hold::Driven => 'stones turn it; depth and plumb are known only at the end',
        };
    }

    /** What usually pushes a post while it is filled. */
    public static function drift(Hold $hold): string
    {
        return match ($hold) {
            Hold::Concrete, Hold::Collar => 'Poured from one side, the mix pushes the post away from where it comes in. Pour in turns '
                .'from both sides, and plumb while it is workable.',
            Hold::Gravel, Hold::Earth => 'Tamped harder on one side than on the other, or a brace that gave. Tamp round and round, a hand at a time.',
            Hold::Foam => 'It rose more on one side before it was hard. Hold the post until it is.',
            Hold::Pier => 'The base turned when its bolts were drawn, or the tube moved while it was backfilled.',
            Hold::Driven => 'A stone turned it. Pull it true from out of reach every few blows.',
        };
    }

    /** How a post comes out of it again. */
    public static function comesOut(Hold $hold): string
    {
        return match ($hold) {
            Hold::Collar => 'Jack a post up by its collar: the earth below lets go.',
            Hold::Gravel, Hold::Earth => 'Dig the fill out on one side and lift the post.',
            Hold::Pier => 'Unscrew a post from its base; the pier stays in the ground.',
            Hold::Driven => 'Pull a post with a jack, straight up.',
            Hold::Concrete, Hold::Foam => 'Its fill does not let go: a post must be broken out.',
        };
    }

    /** What speaks for it or against it on a site. */
    public static function reason(HoldReason $reason): string
    {
        return match ($reason) {
            HoldReason::NotAllowedHere => 'It is not allowed here.',
            HoldReason::FoamAlone => 'Foam does not lead where nothing else keeps the frame upright.',
            HoldReason::FoamInTheWet => 'Foam does not lead in wet ground.',
            HoldReason::UnderARoofThatLifts => 'It does not lead under a roof that can lift, until a cleat, a collar or screws near each '
                .'foot are named.',
            HoldReason::WideCollarTakesAPush => 'A wide collar takes a push from the side best where nothing else braces the frame.',
            HoldReason::WeightHoldsTheRoof => 'Its weight holds a roof down.',
            HoldReason::CollarSpreads => 'Loose ground does not have to hold the post: the collar spreads it.',
            HoldReason::FrostGripsARoughCollar => 'In clay frost can grip a rough collar; keep it no wider at the top than at the foot.',
            HoldReason::RotsAtTheGroundLine => 'Wood in concrete rots at the ground line if water stands there: slope the top, and let '
                .'the foot drain.',
            HoldReason::ComesOutWithItsCollar => 'A post in concrete comes out only with its collar.',
            HoldReason::BagsInStandingWater => 'Bags do not set as they should in standing water: pump dry, or pour through a pipe.',
            HoldReason::MostBagsCarried => 'It needs the most bags and water, all carried in.',
            HoldReason::ThirdOfTheBags => 'It takes a third of the bags a full hole does.',
            HoldReason::HoldsWhereItBends => 'The collar holds where a post bends most, at the ground line.',
            HoldReason::SandBelowTheCollar => 'Sand below the collar does not tamp firm.',
            HoldReason::EarthBelowLiftsNothing => 'It holds little down: the earth under it lifts nothing.',
            HoldReason::FrostGripsTheCollar => 'In clay frost grips the collar from the side and lifts it.',
            HoldReason::WettestAtTheCollar => 'The wood is wettest just where the collar holds the water.',
            HoldReason::CollarBrokenOut => 'The collar has to be broken out.',
            HoldReason::WetEarthUnderTheCollar => 'Wet earth does not tamp under it.',
            HoldReason::OnlyThePadCarried => 'Only the pad is carried in; the earth is there.',
            HoldReason::DugOutAgain => 'It can be dug out again.',
            HoldReason::SandDoesNotTamp => 'Sand does not tamp firm round a post.',
            HoldReason::WetEarthDoesNotTamp => 'Wet earth does not tamp.',
            HoldReason::EarthHoldsNothingDown => 'Earth alone does not hold a post down: a cleat at the foot must.',
            HoldReason::EarthSettles => 'Earth settles under a load: a wide pad must carry it.',
            HoldReason::EarthGives => 'Earth gives before a collar does when the frame is not braced.',
            HoldReason::ClayHoldsWater => 'Clay holds water against the wood.',
            HoldReason::Drains => 'It drains: the wood dries out after rain.',
            HoldReason::GravelUsedAgain => 'It can be dug out and used again.',
            HoldReason::TampsInTheWet => 'It tamps firm in the wet, where bags would not set.',
            HoldReason::PushLessWell => 'It holds a push from the side less well than a collar.',
            HoldReason::GravelIsHeavy => 'Gravel is as heavy as concrete to carry, though no water is.',
            HoldReason::GravelHoldsNothingDown => 'Gravel does not hold a post down: a cleat at the foot must.',
            HoldReason::WoodStaysDry => 'The wood stands above the ground and stays dry.',
            HoldReason::PostUnscrewed => 'The post is unscrewed, the pier stays.',
            HoldReason::CarriesWeight => 'It carries weight well.',
            HoldReason::BaseLetsItTurn => 'A base lets the post turn: the frame must be braced, or the pier holds nothing upright.',
            HoldReason::MostConcreteTwoVisits => 'It needs the most concrete, and a second visit.',
            HoldReason::TubeMustBeDry => 'The tube must be dry and held down while it is poured.',
            HoldReason::OnlyPostsCarried => 'Nothing but the posts is carried in.',
            HoldReason::CanBePulled => 'It can be pulled.',
            HoldReason::NoOpenHole => 'No hole stands open to fill with water.',
            HoldReason::WoodSplits => 'A wooden post splits under the blows: this is for steel.',
            HoldReason::LoadUnknown => 'Nobody knows what it carries: not under a roof or floor.',
            HoldReason::ThinPostGives => 'A thin post gives in soft ground.',
            HoldReason::StonesTurnIt => 'Stones turn it out of plumb.',
            HoldReason::LightestToCarry => 'It is the lightest to carry, and takes no water.',
            HoldReason::FoamCarriesNothing => 'Foam carries no weight and holds nothing down: not under a roof or floor.',
            HoldReason::WaterInTheFoam => 'Standing water comes into the foam; pump it out first.',
            HoldReason::ClingsToThePost => 'It clings to the post.',
            HoldReason::NarrowFront => 'In soft ground it takes a push from the side over a narrow front only.',
        };
    }
}
