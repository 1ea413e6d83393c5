<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

/** What the number of a move is measured along or toward, or what it is. */
enum Beside
{
    case InsideTheBand;
    case TooNear;
    case Further;
    case OrHigher;
    case OrLower;
    case LongestLeg;
    case WhatWasRead;
    case TooMuch;
    case TooLittle;
    case NailToNail;
    case StakeToStake;
    case TheString;
    case SquareOffIt;
    case StraightUp;
    case LargestMisfit;
    case MovesMost;
    case Toward;
    case TowardBoth;
    case OffTheLine;
    case OutOfParallel;
    case OffItsPlace;
    case EitherWay;
    case AboveTheOthers;
    case BelowTheOthers;
    case AreMissing;
    case MoreToCleanGround;
    case Deep;
    case FootToTop;
    case AsItWasCut;
    case LeastLength;
    case TooShort;
    case AboveTheLine;
}
