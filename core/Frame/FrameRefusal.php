<?php

declare(strict_types=1);

namespace Aequus\Frame;

/** Why a piece of a frame can’t be made. */
enum FrameRefusal
{
    case HighSideLower;
    case NoRun;
    case LevelCutOfALevelMember;
    case CutsLeaveNoEdge;
    case SeatCutsThrough;
    case NoStockReaches;
    case PostOffTheBeam;
    case FewerThanTwoBearings;
    case FillsTheCorner;
    case FirstAndLastTooNarrow;
    case RowsShareAJoist;
    case NotPositive;
    case TopOffThePlane;
    case RowWantsLower;
    case RowWantsHigher;
    case IntoTheWall;
    case NoBraceThere;
    case BeamEndsShort;
    case JoistsOnOneBeam;
    case PliesJoinedTogether;
    case NotchTakesThePost;
    case NotchLeavesLittle;
    case SeatWiderThanBeam;
    case BeamOffTheRafters;
    case StackOff;
    case NoRoomForAPanel;
    case NoSuchMember;
}
