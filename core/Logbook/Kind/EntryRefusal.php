<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** Why something can’t be taken. */
enum EntryRefusal
{
    case SameStakeTwice;
    case DistanceNotPositive;
    case PointWithoutName;
    case SamePointTwice;
    case LevelOffTheString;
    case BeamTooSteep;
    case StakeHoldsTheString;
    case NoticeDays;
    case LineNeedsTwoPoints;
    case NoDigNegative;
    case NumbersBackward;
    case NothingLost;
    case MoreLeftThanThereWas;
    case RodNegative;
    case WidthNotPositive;
    case DepthNotPositive;
    case LayerNotUnderstood;
    case LayersOutOfOrder;
    case NothingSaid;
    case HandedToNobody;
    case StrikeWithoutReason;
    case DecisionWithoutReason;
    case DistanceToWhat;
    case DistanceToNothing;
    case LineNotAboveFoot;
    case LesserEmbedmentMissing;
    case LesserEmbedmentOfAnotherRule;
    case LeanWithoutDirection;
    case LevelWithoutLength;
    case GapOutOfRange;
    case LeanImpossible;
    case BobWithoutHeight;
    case BagsOutOfRange;
    case TemperatureOutOfRange;
    case PictureWithoutFingerprint;
    case LineEmpty;
    case LineWithoutPost;
    case LineSaysNothing;
    case LineVerb;
    case LineUnfinished;
    case LineWithoutSide;
    case LineFromTheBench;
    case LineBubble;
    case PhoneWithoutDegrees;
    case LineOffString;
    case SideAlongTheString;
    case LineTooLong;
    case LineTwiceOneWay;
    case WhichLine;
    case NoLineInThePlan;
    case LineReady;
    case LineFilled;
    case HoleTooNarrow;
    case CornerShortened;
    case AnchorShortened;
    case CastElsewhere;
    case HoursOfNobody;
    case HireWithoutEnd;
    case NoSuchWeather;
}
