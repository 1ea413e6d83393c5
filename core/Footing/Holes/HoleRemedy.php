<?php

declare(strict_types=1);

namespace Aequus\Footing\Holes;

/** What can be done about a hole. */
enum HoleRemedy
{
    case FillUpWithGravel;
    case ThickerPad;
    case DriveOn;
    case PullAndDrill;
    case TurnIt;
    case DigOutAndFill;
    case CutItsFoot;
    case CutItsTop;
    case LeaveAndCutItsTop;
    case BreakTheRock;
    case CutTheRoots;
    case BailTheWater;
    case SleeveTheHole;
    case DigOn;
    case ShiftTheHole;
    case ThinTheGravel;
    case Shorten;
    case ShortenAndTake;
    case PinToTheRock;
    case AnotherFooting;
    case PumpDry;
    case TubeWhileDigging;
    case DigToFirmGround;
    case BellOut;
    case WiderPad;
}
