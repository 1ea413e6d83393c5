<?php

declare(strict_types=1);

namespace Aequus\Words\Thing;

use Aequus\Thing\Make\Deed;

/** The steps of each kind of thing, as they are called across the yard. */
final class DeedWords
{
    public static function of(Deed $is): string
    {
        return match ($is) {
            Deed::GaugesFirst => 'Alone: cut the gauge boards before anything else, and keep two pegs, two braces and a clamp at each hole.',
            Deed::BlocksUnderBeams => 'Alone: screw a block to each post below its mark: one end of a beam rests on it while you lift the other.',
            Deed::ReadRoadAndGround => 'Read road and ground where the post will stand: the height counts from the road, the hole from the ground.',
            Deed::StakeBehindTheEdge => 'Stake the centre of the post, not the face of the box.',
            Deed::DigNoDeeper => 'Dig no deeper than the post is bought for; what is dug too deep is filled in thin layers, each tamped.',
            Deed::TurnSquareToTheRoad => 'Turn it square to the road while it is loose, and look along the neighbours’ boxes.',
            Deed::PackOnBothSides => 'Fill from both sides in turns: from one side the fill pushes the post over. Read the face again.',
            Deed::HangAfterADay => 'Hang the box a day later.',
            Deed::StakeBehindTheCourt => 'Stake the post from the court’s edge, for the height it is played at.',
            Deed::BarsHalfWay => 'Bars go in half-way up the pour, as the sheet has them.',
            Deed::FormAtTheTop => 'A square form at the top holds the last of it above ground, level both ways.',
            Deed::AnchorWhileWorkable => 'Set the anchor level while the concrete can still be worked, and keep its threads clean.',
            Deed::BoltsToTheCourt => 'Turn the pattern of bolts to the court: one side of it parallel to the edge.',
            Deed::HangWhenHard => 'Nobody hangs on it before the days that the sheet asks have gone by.',
            Deed::DigFromCentres => 'Dig both holes from their centres: from the far edge one comes out a hole’s width wrong.',
            Deed::BoardsAtFootAndTop => 'Boards across feet and tops hold the width before anything is filled.',
            Deed::LineFromBothGrounds => 'The line lies over the mean of the two grounds: mark it on both posts from their own.',
            Deed::MarksOnAllFaces => 'Take all other marks up and down from that line, on all four faces, before the fill.',
            Deed::TrimTheTaller => 'Where a stone makes one post short, trim the taller to it from a level string.',
            Deed::EndsAndGateFirst => 'Ends, corners and gate posts go in first, and deeper.',
            Deed::StringBetweenTheEnds => 'A string along one face of the ends stands for all others: they nearly touch it.',
            Deed::SightAlongIt => 'Look along the row before the fill sets.',
            Deed::LedgerLevel => 'Fix the ledger level on the wall, whatever its courses do.',
            Deed::FrameOnProps => 'Hang the frame level on blocks and props, posts in it, their feet free in the holes.',
            Deed::SquareToTheWall => 'Square it by equal distances to the wall at both ends, then brace it.',
            Deed::PourLast => 'Pour last of all.',
            Deed::BeamsOnPosts => 'Beams rest on seats cut from the beam’s own offcut, not on screws.',
            Deed::FeetOnOnePlane => 'Feet on one plane let all posts be cut alike.',
            Deed::HighSideFirst => 'Mark the high side from a string first, and the low side from it.',
            Deed::HoldUntilClosed => 'Until walls and roof are on, braces both ways hold it through the season.',
            Deed::DownFromTheSill => 'Come down from the sill: step, boards, joists, beam, post.',
            Deed::BracingPostsDeeper => 'Posts that brace it go deeper.',
            Deed::BracesAwayFromTheBarrow => 'Braces stand on the far side from the barrow; near the posts the shovel works.',
            Deed::BoardsTrimmedLast => 'Lay boards long, and trim their ends last.',
            Deed::ParallelToWhatStands => 'Run a string that just touches what stands, and set off parallel to it.',
            Deed::JoinOnTheGround => 'Join each frame flat on the ground, and measure its diagonals there.',
            Deed::TiltUp => 'Tilt it up with help, shim it level, and brace it both ways before anybody lets go.',
            Deed::TopsToWidth => 'Pull the tops to width with a strap, then fill.',
            Deed::GroundThatGives => 'The ground that gives goes in before anybody climbs.',
            Deed::CompareTheSheet => 'Compare the sheet with itself before anything is driven.',
            Deed::FirstByItsMark => 'Drive the first to the mark of its embedment.',
            Deed::OthersByStringAndHole => 'Drive all others until their hole meets the string, whatever the ground does.',
            Deed::PlumbEveryFewBlows => 'Read it plumb every few blows, and pull it true from out of reach.',
            Deed::DriveThroughOnce => 'Drive through once between the stakes before anything is dug.',
            Deed::KeepTheCurveHigh => 'Try the least height over the whole width, not in the middle.',
            Deed::CoverTheFoam => 'Cover foam from the sun, and keep skin and breath away from it.',
            Deed::PropWhatItCarries => 'Prop what the post carries before it is touched.',
            Deed::ProbeAllRound => 'Probe on every side: where the first rod stops, the wood is sound.',
            Deed::EmptyTheSocket => 'Drill, scoop and scrape the socket to its corners, and read it at several depths.',
            Deed::PlaneNeverAbove => 'Mark where planing stops: nothing is planed above the socket.',
            Deed::TreatTheCut => 'Treat what was planed and cut before it goes in.',
            Deed::TapNeverForce => 'Tap it in, never force it; take it out and plane again.',
            Deed::WedgeAndSeal => 'Wedge it plumb, seal the joint, and slope a collar so that water runs off.',
        };
    }
}
