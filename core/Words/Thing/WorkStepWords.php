<?php

declare(strict_types=1);

namespace Aequus\Words\Thing;

use Aequus\Thing\Make\WorkStep;

/** The steps of each kind of thing, as they are called across the yard. */
final class WorkStepWords
{
    public static function of(WorkStep $is): string
    {
        return match ($is) {
            WorkStep::GaugesFirst => 'Alone: cut the gauge boards before anything else, and keep two pegs, two braces and a clamp at each hole.',
            WorkStep::BlocksUnderBeams => 'Alone: screw a block to each post below its mark: one end of a beam rests on it while you lift the other.',
            WorkStep::ReadRoadAndGround => 'Read road and ground where the post will stand: the height counts from the road, the hole from the ground.',
            WorkStep::StakeBehindTheEdge => 'Stake the centre of the post, not the face of the box.',
            WorkStep::DigNoDeeper => 'Dig no deeper than the post is bought for; what is dug too deep is filled in thin layers, each tamped.',
            WorkStep::TurnSquareToTheRoad => 'Turn it square to the road while it is loose, and look along the neighbours’ boxes.',
            WorkStep::PackOnBothSides => 'Fill from both sides in turns: from one side the fill pushes the post over. Read the face again.',
            WorkStep::HangAfterADay => 'Hang the box a day later.',
            WorkStep::StakeBehindTheCourt => 'Stake the post from the court’s edge, for the height it is played at.',
            WorkStep::BarsHalfWay => 'Bars go in half-way up the pour, as the sheet has them.',
            WorkStep::FormAtTheTop => 'A square form at the top holds the last of it above ground, level both ways.',
            WorkStep::AnchorWhileWorkable => 'Set the anchor level while the concrete can still be worked, and keep its threads clean.',
            WorkStep::BoltsToTheCourt => 'Turn the pattern of bolts to the court: one side of it parallel to the edge.',
            WorkStep::HangWhenHard => 'Nobody hangs on it before the days that the sheet asks have gone by.',
            WorkStep::DigFromCentres => 'Dig both holes from their centres: from the far edge one comes out a hole’s width wrong.',
            WorkStep::BoardsAtFootAndTop => 'Boards across feet and tops hold the width before anything is filled.',
            WorkStep::LineFromBothGrounds => 'The line lies over the mean of the two grounds: mark it on both posts from their own.',
            WorkStep::MarksOnAllFaces => 'Take all other marks up and down from that line, on all four faces, before the fill.',
            WorkStep::TrimTheTaller => 'Where a stone makes one post short, trim the taller to it from a level string.',
            WorkStep::EndsAndGateFirst => 'Ends, corners and gate posts go in first, and deeper.',
            WorkStep::StringBetweenTheEnds => 'A string along one face of the ends stands for all others: they nearly touch it.',
            WorkStep::SightAlongIt => 'Look along the row before the fill sets.',
            WorkStep::LedgerLevel => 'Fix the ledger level on the wall, whatever its courses do.',
            WorkStep::FrameOnProps => 'Hang the frame level on blocks and props, posts in it, their feet free in the holes.',
            WorkStep::SquareToTheWall => 'Square it by equal distances to the wall at both ends, then brace it.',
            WorkStep::PourLast => 'Pour last of all.',
            WorkStep::BeamsOnPosts => 'Beams rest on seats cut from the beam’s own offcut, not on screws.',
            WorkStep::FeetOnOnePlane => 'Feet on one plane let all posts be cut alike.',
            WorkStep::HighSideFirst => 'Mark the high side from a string first, and the low side from it.',
            WorkStep::HoldUntilClosed => 'Until walls and roof are on, braces both ways hold it through the season.',
            WorkStep::DownFromTheSill => 'Come down from the sill: step, boards, joists, beam, post.',
            WorkStep::BracingPostsDeeper => 'Posts that brace it go deeper.',
            WorkStep::BracesAwayFromTheBarrow => 'Braces stand on the far side from the barrow; near the posts the shovel works.',
            WorkStep::BoardsTrimmedLast => 'Lay boards long, and trim their ends last.',
            WorkStep::ParallelToWhatStands => 'Run a string that just touches what stands, and set off parallel to it.',
            WorkStep::JoinOnTheGround => 'Join each frame flat on the ground, and measure its diagonals there.',
            WorkStep::TiltUp => 'Tilt it up with help, shim it level, and brace it both ways before anybody lets go.',
            WorkStep::TopsToWidth => 'Pull the tops to width with a strap, then fill.',
            WorkStep::GroundThatGives => 'The ground that gives goes in before anybody climbs.',
            WorkStep::CompareTheSheet => 'Compare the sheet with itself before anything is driven.',
            WorkStep::FirstByItsMark => 'Drive the first to the mark of its embedment.',
            WorkStep::OthersByStringAndHole => 'Drive all others until their hole meets the string, whatever the ground does.',
            WorkStep::PlumbEveryFewBlows => 'Read it plumb every few blows, and pull it true from out of reach.',
            WorkStep::DriveThroughOnce => 'Drive through once between the stakes before anything is dug.',
            WorkStep::KeepTheCurveHigh => 'Try the least height over the whole width, not in the middle.',
            WorkStep::CoverTheFoam => 'Cover foam from the sun, and keep skin and breath away from it.',
            WorkStep::PropWhatItCarries => 'Prop what the post carries before it is touched.',
            WorkStep::ProbeAllRound => 'Probe on every side: where the first rod stops, the wood is sound.',
            WorkStep::EmptyTheSocket => 'Drill, scoop and scrape the socket to its corners, and read it at several depths.',
            WorkStep::PlaneNeverAbove => 'Mark where planing stops: nothing is planed above the socket.',
            WorkStep::TreatTheCut => 'Treat what was planed and cut before it goes in.',
            WorkStep::TapNeverForce => 'Tap it in, never force it; take it out and plane again.',
            WorkStep::WedgeAndSeal => 'Wedge it plumb, seal the joint, and slope a collar so that water runs off.',
        };
    }
}
