<?php

declare(strict_types=1);

namespace Aequus\Words\Footing;

use Aequus\Footing\Holding\HoldReason;

/** What speaks for or against a way of holding posts, as it is said. */
final class HoldReasonWords
{
    public static function of(HoldReason $reason): string
    {
        return match ($reason) {
            HoldReason::NotAllowedHere => 'It is not allowed here.',
            HoldReason::FoamAlone => 'Foam does not lead where nothing else keeps the frame upright.',
            HoldReason::FoamInTheWet => 'Foam does not lead in wet ground.',
            HoldReason::UnderARoofThatLifts => 'It does not lead under a roof that can lift, until a cleat, a collar or screws near each foot are named.',
            HoldReason::WideCollarTakesAPush => 'A wide collar takes a push from the side best where nothing else braces the frame.',
            HoldReason::WeightHoldsTheRoof => 'Its weight holds a roof down.',
            HoldReason::CollarSpreads => 'Loose ground does not have to hold the post: the collar spreads it.',
            HoldReason::FrostGripsARoughCollar => 'In clay frost can grip a rough collar; keep it no wider at the top than at the foot.',
            HoldReason::RotsAtTheGroundLine => 'Wood in concrete rots at the ground line if water stands there: slope the top, and let the foot drain.',
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
