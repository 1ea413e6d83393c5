<?php

declare(strict_types=1);

namespace Aequus\Thing\Make;

/** What the answers come to: where to hold the tape, and why. */
enum Figure
{
    case CentreFromKerb;
    case TopAboveGround;
    case RoadBelow;
    case RoadAbove;
    case CountsAbove;
    case CountsBelow;
    case DigFor;
    case BoxMayStand;
    case CentreBehindEdge;
    case CentreInsideEdge;
    case TargetAt;
    case MakersHole;
    case PairCentres;
    case LineOnFirst;
    case LineOnSecond;
    case EvenBays;
    case GateBay;
    case InLineWithNeighbours;
    case MakersRoundHole;
    case BarsAt;
    case FormToCut;
    case MarkAboveTheLine;
    case MarkBelowTheLine;
    case FreeBehind;
    case TopsLevel;
    case TopsRaked;
    case TopsStepped;
    case Rises;
    case Falls;
    case RowBought;
    case RoundTheCorner;
    case ArchLeaves;
    case LedgerAt;
    case FallsFromThere;
    case HighSide;
    case LaterWalls;
    case LaterDoors;
    case LaterSail;
    case Stairs;
    case LandingAt;
    case StringAtTheHoles;
    case OverPermit;
    case OverGuard;
    case FewShortened;
    case RoughSawn;
    case Pole;
    case TwoPieces;
    case GaugeBoards;
    case HeldToComeOut;
    case ScrewedToComeOff;
    case PanelBayCentres;
    case DeepFromWall;
    case DeepBetweenRows;
    case MachinePasses;
    case EavesAtLeast;
    case FloorAt;
    case TopUnderStack;
    case RowsFromWall;
    case SpaceNeeded;
    case DiagonalComputed;
    case SheetAgrees;
    case DrivenTo;
    case LeastOver;
    case TakeOffAsGiven;
    case TakeOffTurned;
    case WedgesAsGiven;
    case WedgesTurned;
    case GoesInAsGiven;
    case GoesInTurned;
    case SocketNotProbed;
    case SocketKept;
    case SocketTooShallow;
}
