<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** What is doubtful, or can't be, in what was typed. */
enum QuestionAbout
{
    case TapeFarFromPlan;
    case LongerThanTheTape;
    case OffsetFarFromPlan;
    case CastFar;
    case RodFarFromGround;
    case RodBelowZero;
    case RodBeyondStaff;
    case DifferenceFarFromKnown;
    case DifferenceBeyondReach;
    case HoleBeyondNeed;
    case HoleShallowerThanBefore;
    case HoleTooDeep;
    case WidthOffTheAuger;
    case WidthWithinThePost;
    case LeanSteep;
    case LeanImpossible;
    case TwistLarge;
    case SpacingFarFromPlan;
    case BagsMany;
    case TemperatureUnusual;
    case ReadBeforeSet;
    case MovedAfterSet;
    case DugAfterFilled;
    case FilledAlready;
    case SetBeforeDug;
    case SetOnFreshPier;
    case FilledBeforeDug;
    case FilledBeforeSet;
    case StrippedBeforeFilled;
    case CutBeforeSet;
    case CutBeforeHard;
    case CutWhileAnotherIsShort;
    case LoadedBeforeSet;
    case LoadedBeforeHard;
    case TopAboveWhatIsLeft;
    case TopFarFromExpected;
    case NoticeDaysMany;
    case NoticeInTheFuture;
    case NoticeLongAgo;
    case CheckFarOff;
    case BeamSteep;
    case HandedOverUnfinished;
    case HandedOverMadeUp;
    case BayUnusual;
    case BayUnlikeTheOthers;
    case PostUnusual;
    case HoleWideInPlan;
    case HolesRunTogether;
    case HeldForGood;
    case RoomBetweenBuildings;
    case StandingUnusual;
    case ToleranceWide;
    case RuleLarge;
    case TopsFarAboveTheLine;
    case FixedFarAway;
    case ServiceFarAway;
    case NoDigNone;
    case NoDigWide;
    case BenchmarkAnew;
    case DayNotCome;
    case BookedForThePast;
    case RateUnusual;
    case WeatherUnusual;
}
