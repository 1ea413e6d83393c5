<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

/** Why something can’t be taken. */
enum PlanRefusal
{
    case SideWithoutName;
    case SidesShareAName;
    case BayNotPositive;
    case NoBays;
    case TooManyLines;
    case TooManyPosts;
    case NothingIsLeft;
    case OverallTooSmall;
    case EveryPostLeftOut;
    case NoSuchPost;
    case SectionNotPositive;
    case PostsOverlap;
    case UnknownNominalSize;
    case HoleNarrowerThanPost;
    case MemberWithoutSection;
    case MembersTooClose;
    case MemberBelowZero;
    case MemberOtherwiseDeep;
    case FastenerWithoutLength;
    case ConnectorTakesNothing;
    case NothingStands;
    case BoardWithoutLength;
    case FixedLineWithoutLength;
    case BaseLineOfOnePost;
    case NothingToFit;
    case FitsBetweenOnePost;
    case NeighbourNegative;
    case BellNoWider;
    case CollarTooLow;
    case CureDatumOutOfRange;
    case MarkCoarserThanTolerance;
    case TooFewPoints;
    case BraceWithoutReach;
    case BraceToNowhere;
    case FreeUpsideDown;
    case GateWithoutLeaf;
    case GateInNoSection;
    case GateWithoutRoom;
    case ToleranceNotPositive;
    case CloserAlongThanAcross;
    case PartName;
    case PartWithoutPosts;
    case LabelTaken;
    case PostsStandInEachOther;
}
