<?php

declare(strict_types=1);

namespace Aequus\Words\Thing;

use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Terms\Ask;

/** What is asked of whoever begins with a thing, and why it is asked. */
final class AskWords
{
    public static function asks(Ask $ask): string
    {
        return match ($ask) {
            Ask::HeightLeast => 'Height over the road, at least',
            Ask::HeightMost => 'Height over the road, at most',
            Ask::SetbackLeast => 'Face from the road’s edge, at least',
            Ask::SetbackMost => 'Face from the road’s edge, at most',
            Ask::BoxReach => 'From the face to the post’s centre',
            Ask::AboveTop => 'From the post’s top up to what the rule counts',
            Ask::RoadBelow => 'Road below the ground at the post',
            Ask::BoughtPost => 'Length of the post as bought',
            Ask::LeastDepth => 'Least depth in the ground',
            Ask::PostThick => 'Post, across',
            Ask::Reaches => 'Height and reach, pair by pair',
            Ask::TargetHeight => 'Height it is played at',
            Ask::Inside => 'Target inside the court’s edge',
            Ask::HoleWide => 'Maker’s hole, across',
            Ask::HoleDeep => 'Maker’s hole, deep',
            Ask::Carries => 'What it carries',
            Ask::Width => 'Width',
            Ask::WidthIs => 'Measured',
            Ask::LineHeight => 'Height of the line',
            Ask::GroundRise => 'Ground at the second post, higher by',
            Ask::Long => 'From end post to end post',
            Ask::LargestBay => 'Widest bay',
            Ask::GateWide => 'Gate leaf',
            Ask::GateGap => 'Gap on either side of the leaf',
            Ask::High => 'Posts stand above the ground',
            Ask::Placed => 'It stands',
            Ask::PanelWide => 'Panel, screen or cloth, wide',
            Ask::PanelGap => 'Gap on either side',
            Ask::Bays => 'How many bays',
            Ask::Deep => 'Depth over all',
            Ask::MachineWide => 'Machine with all on it, wide',
            Ask::MachineHigh => 'Machine with all on it, high',
            Ask::Margin => 'Room to leave round it',
            Ask::Wide => 'Width over all',
            Ask::SillHigh => 'Sill above the ground',
            Ask::StepDown => 'Step down to the floor',
            Ask::Stack => 'Boards, joists and beam together',
            Ask::FreeZone => 'Free on every side',
            Ask::BayWide => 'Bay along the row',
            Ask::RowApart => 'From row to row',
            Ask::Embedment => 'Into the ground',
            Ask::SheetDiagonal => 'Diagonal on the sheet',
            Ask::SheetTolerance => 'Its tolerance',
            Ask::OpeningA => 'Opening, side A',
            Ask::OpeningB => 'Opening, side B',
            Ask::FacesA => 'Side A from a plumb line: depth, one face, other face',
            Ask::FacesB => 'Side B from a plumb line: depth, one face, other face',
            Ask::SocketDeep => 'Depth of the socket',
            Ask::SoundAt => 'The first probe stops at',
            Ask::PostP => 'New post, first side',
            Ask::PostQ => 'New post, other side',
            Ask::Posts => 'How many posts',
            Ask::Apart => 'From post to post',
            Ask::Frost => 'The ground freezes to',
        };
    }

    public static function why(Ask $ask): string
    {
        return match ($ask) {
            Ask::HeightLeast, Ask::HeightMost => 'Whoever delivers reaches it without getting out. The office that serves the road has the figure.',
            Ask::SetbackLeast, Ask::SetbackMost => 'Near enough to reach, far enough for a mirror or a plough.',
            Ask::BoxReach => 'The rule speaks of the face; you dig for the post behind it.',
            Ask::AboveTop => 'Below zero where it hangs below the post’s top.',
            Ask::RoadBelow => 'The height counts from the road, and the post stands on the verge.',
            Ask::BoughtPost => 'What does not stand goes into the ground.',
            Ask::LeastDepth => 'Your local rule has it; where the ground freezes deeper, go deeper.',
            Ask::PostThick => 'As it measures, not as it is called.',
            Ask::Reaches => 'From the maker’s sheet, such as {example}. Between two pairs it runs straight; beyond them nothing is known.',
            Ask::TargetHeight => 'At this height the target hangs where you want it; at others it shifts by the arm.',
            Ask::Inside => 'From the edge to the point plumb below the target.',
            Ask::HoleWide, Ask::HoleDeep => 'The sheet’s hole carries the pole; frost may want more depth.',
            Ask::Carries => 'A bar, a target or a gate wants truer posts than a banner.',
            Ask::Width => 'What must go between, or what the rule of the game says.',
            Ask::WidthIs => 'The same figure means three different holes.',
            Ask::LineHeight => 'Over the mean of the two grounds.',
            Ask::GroundRise => 'Below zero where the second lies lower. Each post gets its own mark.',
            Ask::Long => 'Centre to centre of the outer posts.',
            Ask::LargestBay => 'What a panel, a rail or a joist reaches.',
            Ask::GateWide => 'Zero for none. It hangs in the first bay.',
            Ask::GateGap => 'So that it swings in wet weather too.',
            Ask::High => 'To their tops, before anything lies on them.',
            Ask::Placed => 'On a wall a ledger takes the place of the far row.',
            Ask::PanelWide => 'Buy it first: the bay follows from what hangs in it.',
            Ask::PanelGap => 'Posts are never quite plumb, and wood swells.',
            Ask::Bays => 'Side by side.',
            Ask::Deep => 'To the outside of the outer posts.',
            Ask::MachineWide => 'At its widest, with buckets, mirrors and bars.',
            Ask::MachineHigh => 'At its highest, with cab, light and exhaust.',
            Ask::Margin => 'On either side and over it. Nobody drives in straight.',
            Ask::Wide => 'To the outside of the outer posts.',
            Ask::SillHigh => 'The top of the door’s sill above the ground outside.',
            Ask::StepDown => 'Snow and rain stay out.',
            Ask::Stack => 'Added up, from the top of the posts to the walking surface.',
            Ask::FreeZone => 'Your local rule has it. Whoever falls or jumps needs it.',
            Ask::BayWide, Ask::RowApart => 'Centre to centre, from the sheet.',
            Ask::Embedment => 'From the sheet, for the soil you have.',
            Ask::SheetDiagonal => 'A sheet that disagrees with itself is found before anything is driven.',
            Ask::SheetTolerance => 'How far off the sheet lets it be.',
            Ask::OpeningA, Ask::OpeningB => 'The narrowest you find, at any depth: the post stands plumb, not along the socket.',
            Ask::FacesA, Ask::FacesB => 'Where the socket leans or narrows: a bob hung in it, read at several depths. It takes the place of the opening above.',
            Ask::SocketDeep => 'From the top of the concrete to its bottom.',
            Ask::SoundAt => 'A rod pushed in on every side. Where all go to the bottom, the depth of the socket; empty until it is probed.',
            Ask::PostP => 'As it measures. It may go in either way round.',
            Ask::PostQ => 'Empty where it is square.',
            Ask::Posts => 'In one row.',
            Ask::Apart => 'Centre to centre.',
            Ask::Frost => 'Your building office has the figure.',
        };
    }

    public static function pick(Pick $pick): string
    {
        return match ($pick) {
            Pick::Clear => 'clear between the posts',
            Pick::Centres => 'centre to centre',
            Pick::Outside => 'over the outside of both',
            Pick::Free => 'free on all sides',
            Pick::OnAWall => 'on a wall',
            Pick::SwingBar => 'a swing bar',
            Pick::Target => 'a target',
            Pick::Banner => 'a banner',
            Pick::Gate => 'a gate',
            Pick::Hoist => 'a hoist',
        };
    }
}
