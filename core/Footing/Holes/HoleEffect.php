<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

/** What that does to position, frost, embedment and the length of the post. */
enum HoleEffect
{
    case NothingElseChanges;
    case ConcreteOnCleanGround;
    case StopAtTenBlows;
    case KeepsItsDepth;
    case NeverAtCornerOrAnchor;
    case PastTheStone;
    case FilledInLifts;
    case HolesStayOnTheString;
    case DrillAnewAtTheString;
    case LeftToShorten;
    case NoneLeftToShorten;
    case SoMuchLessStands;
    case AsPlannedThen;
    case RoomLeft;
    case NoRoomLeft;
    case EveryRuleHolds;
    case ThinnestIsTooHigh;
    case NeverAtACorner;
    case NeverAtAnAnchor;
    case LessThanAQuarter;
    case OnlyTheMargin;
    case Then;
    case NeedsADecision;
    case CutAtTheTop;
    case AboveTheFrostLine;
    case BelowEmbedment;
    case BelowSideways;
    case BelowMaker;
    case BelowThing;
    case BelowLocal;
    case BelowToday;
    case BelowRole;
    case FootRises;
    case FootRisesUncut;
    case FootStays;
    case ForAnEngineer;
    case DryMixInWater;
    case SidesRun;
    case SayWhichSoil;
    case SoilCarries;
    case PostStays;
    case BagsFollow;
}
