<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

/** One step in the order in which a kind of thing is built, beside what every job has. */
enum WorkStep
{
    case GaugesFirst;
    case BlocksUnderBeams;
    case ReadRoadAndGround;
    case StakeBehindTheEdge;
    case DigNoDeeper;
    case TurnSquareToTheRoad;
    case PackOnBothSides;
    case HangAfterADay;
    case StakeBehindTheCourt;
    case BarsHalfWay;
    case FormAtTheTop;
    case AnchorWhileWorkable;
    case BoltsToTheCourt;
    case HangWhenHard;
    case DigFromCentres;
    case BoardsAtFootAndTop;
    case LineFromBothGrounds;
    case MarksOnAllFaces;
    case TrimTheTaller;
    case EndsAndGateFirst;
    case StringBetweenTheEnds;
    case SightAlongIt;
    case LedgerLevel;
    case FrameOnProps;
    case SquareToTheWall;
    case PourLast;
    case BeamsOnPosts;
    case FeetOnOnePlane;
    case HighSideFirst;
    case HoldUntilClosed;
    case DownFromTheSill;
    case BracingPostsDeeper;
    case BracesAwayFromTheBarrow;
    case BoardsTrimmedLast;
    case ParallelToWhatStands;
    case JoinOnTheGround;
    case TiltUp;
    case TopsToWidth;
    case GroundThatGives;
    case CompareTheSheet;
    case FirstByItsMark;
    case OthersByStringAndHole;
    case PlumbEveryFewBlows;
    case DriveThroughOnce;
    case KeepTheCurveHigh;
    case CoverTheFoam;
    case PropWhatItCarries;
    case ProbeAllRound;
    case EmptyTheSocket;
    case PlaneNeverAbove;
    case TreatTheCut;
    case TapNeverForce;
    case WedgeAndSeal;
}
