<?php

declare(strict_types=1);

namespace Aequus\Thing\Terms;

/** Why something that must stand, fit or be reached can’t be worked out. */
enum ThingRefusal
{
    case BandUpsideDown;
    case AskedOutsideTheBand;
    case HeightsDoNotRise;
    case NoReachKnown;
    case BeyondTheHeightsRead;
    case OnePostMoreThanPanels;
    case PostsCross;
    case NothingRead;
    case TwoReadingsAtOneDepth;
    case ReadInTwoManners;
    case NoPlumbPostFits;
    case PlaceNeedsAPlumbLine;
    case PlaceOutsideTheSocket;
    case NothingProbed;
    case ProbeBelowTheSocket;
    case PostTooShort;
    case NotAboveZero;
    case TooMany;
    case NothingStands;
    case SheetDisagrees;
    case BellOfARoundHole;
    case MarkBelowGround;
    case ArchNotAcross;
    case ArchTooNarrow;
    case ArchTooLow;
    case ProfileNotAlong;
    case ProfileDisagrees;
    case MachineTooLong;
    case NotDeepEnough;
    case LighterThanTheRest;
    case CloserAlongThanAcross;
    case GateFillsTheRow;
    case SocketSmallerThanPost;
}
