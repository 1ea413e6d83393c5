<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** What speaks for or against a way of holding posts on a site. */
enum HoldReason
{
    case NotAllowedHere;
    case FoamAlone;
    case FoamInTheWet;
    case UnderARoofThatLifts;
    case WideCollarTakesAPush;
    case WeightHoldsTheRoof;
    case CollarSpreads;
    case FrostGripsARoughCollar;
    case RotsAtTheGroundLine;
    case ComesOutWithItsCollar;
    case BagsInStandingWater;
    case MostBagsCarried;
    case ThirdOfTheBags;
    case HoldsWhereItBends;
    case SandBelowTheCollar;
    case EarthBelowLiftsNothing;
    case FrostGripsTheCollar;
    case WettestAtTheCollar;
    case CollarBrokenOut;
    case WetEarthUnderTheCollar;
    case OnlyThePadCarried;
    case DugOutAgain;
    case SandDoesNotTamp;
    case WetEarthDoesNotTamp;
    case EarthHoldsNothingDown;
    case EarthSettles;
    case EarthGives;
    case ClayHoldsWater;
    case Drains;
    case GravelUsedAgain;
    case TampsInTheWet;
    case PushLessWell;
    case GravelIsHeavy;
    case GravelHoldsNothingDown;
    case WoodStaysDry;
    case PostUnscrewed;
    case CarriesWeight;
    case BaseLetsItTurn;
    case MostConcreteTwoVisits;
    case TubeMustBeDry;
    case OnlyPostsCarried;
    case CanBePulled;
    case NoOpenHole;
    case WoodSplits;
    case LoadUnknown;
    case ThinPostGives;
    case StonesTurnIt;
    case LightestToCarry;
    case FoamCarriesNothing;
    case WaterInTheFoam;
    case ClingsToThePost;
    case NarrowFront;
}
