<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

/** What is to be done next. */
enum MoveKind
{
    case StopDiggingAndAsk;
    case AskForMarks;
    case WaitForMarks;
    case KeepHoleClear;
    case KeepPostClear;
    case MoveBrace;
    case SayTheUnit;
    case PullTape;
    case PullAgain;
    case MeasureOffString;
    case MeasureOffLine;
    case MeasureOffStringAgain;
    case MeasureOffLineAgain;
    case SetStakesNearer;
    case SetStakeNearer;
    case SetBoards;
    case SettleLines;
    case SettleContradiction;
    case SwingGrid;
    case MoveStakes;
    case LookAtTheTape;
    case TakeUpAbove;
    case JudgeByTheLine;
    case JudgeAnotherWay;
    case ChangePlanToWhatStands;
    case UseABetterTape;
    case ChooseBenchmark;
    case ReadBenchmark;
    case ReadGround;
    case ReadAgain;
    case SettleHeights;
    case TurnOneHop;
    case ReadFromAnotherSetUp;
    case SetUpElsewhere;
    case HopOnceMore;
    case ReadFromSecondToo;
    case SetUpOnceMore;
    case DecideFooting;
    case ChangePlane;
    case WeighHoldingAgain;
    case DigHole;
    case EmptySocket;
    case DrivePost;
    case DigDeeper;
    case DriveDeeper;
    case SettleRock;
    case CutOnTheTrestle;
    case SetPost;
    case ReadFace;
    case ReadPole;
    case ReadPoleAnotherWay;
    case ShiftInTheHole;
    case FaceStaysOut;
    case ReadLineAgain;
    case TakeOutAndDeepen;
    case FootStaysHigh;
    case MeasureTopOver;
    case LiftInTheHole;
    case LowerInTheHole;
    case HeightStaysOut;
    case PullTop;
    case SeeToBeforePour;
    case MeasureAnotherWay;
    case PourPier;
    case FillPost;
    case DecideTops;
    case MeasureTop;
    case FaceShortPost;
    case CutPost;
    case LeaveAlone;
    case HandOver;
    case HandOverAnew;
    case FinishWhatIsBegun;
    case LeaveBracesOn;
    case BraceOrLayDown;
    case CoverTheHoles;
    case StowAway;
}
