<?php

declare(strict_types=1);

namespace Aequus\Thing\Terms;

/** What is asked of whoever begins with a thing, in a builder’s words. */
enum Ask: string
{
    case HeightLeast = 'height_least';
    case HeightMost = 'height_most';
    case SetbackLeast = 'setback_least';
    case SetbackMost = 'setback_most';
    case BoxReach = 'box_reach';
    case AboveTop = 'above_top';
    case RoadBelow = 'road_below';
    case BoughtPost = 'bought_post';
    case LeastDepth = 'least_depth';
    case PostThick = 'post_thick';
    case Reaches = 'reaches';
    case TargetHeight = 'target_height';
    case Inside = 'inside';
    case HoleWide = 'hole_wide';
    case HoleDeep = 'hole_deep';
    case Carries = 'carries';
    case Width = 'width';
    case WidthIs = 'width_is';
    case LineHeight = 'line_height';
    case GroundRise = 'ground_rise';
    case Long = 'long';
    case LargestBay = 'largest_bay';
    case GateWide = 'gate_wide';
    case GateGap = 'gate_gap';
    case High = 'high';
    case Placed = 'placed';
    case PanelWide = 'panel_wide';
    case PanelGap = 'panel_gap';
    case Bays = 'bays';
    case Deep = 'deep';
    case MachineWide = 'machine_wide';
    case MachineHigh = 'machine_high';
    case Margin = 'margin';
    case Wide = 'wide';
    case SillHigh = 'sill_high';
    case StepDown = 'step_down';
    case Stack = 'stack';
    case FreeZone = 'free_zone';
    case BayWide = 'bay_wide';
    case RowApart = 'row_apart';
    case Embedment = 'embedment';
    case SheetDiagonal = 'sheet_diagonal';
    case SheetTolerance = 'sheet_tolerance';
    case OpeningA = 'opening_a';
    case OpeningB = 'opening_b';
    case FacesA = 'faces_a';
    case FacesB = 'faces_b';
    case SocketDeep = 'socket_deep';
    case SoundAt = 'sound_at';
    case PostP = 'post_p';
    case PostQ = 'post_q';
    case Posts = 'posts';
    case Apart = 'apart';
    case Frost = 'frost';
}
