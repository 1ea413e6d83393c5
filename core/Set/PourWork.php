<?php

declare(strict_types=1);

namespace Aequus\Set;

/** What is done at one stage of filling a hole. Tamped lifts say which of how many: lift, lifts. */
enum PourWork
{
    case NothingIsFilled;
    case PourFoamAtOnce;
    case HoldUntilHard;
    case CutLevelAndCover;
    case FillToTheGround;
    case FillBelowTurf;
    case FillTheTube;
    case FillFromBothSides;
    case WaterIt;
    case RodOutTheAir;
    case BarsWherePlanned;
    case SetTheAnchor;
    case StrikeOff;
    case CoverForTheCure;
    case PlumbWhileWorkable;
    case SlopeTheTop;
    case CoverWithTurf;
    case BracesOff;
    case PourTheCollar;
    case PlumbOnceMore;
    case MoundTheTop;
    case TampToTheGround;
    case TampALift;
    case TampALiftAndPlumb;
}
