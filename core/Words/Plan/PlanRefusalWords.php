<?php

declare(strict_types=1);

namespace Aequus\Words\Plan;

use Aequus\Plan\Terms\PlanRefusal;

/** What was wrong, where, and what to enter instead. */
final class PlanRefusalWords
{
    public static function of(PlanRefusal $is): string
    {
        return match ($is) {
            PlanRefusal::SideWithoutName => 'Every side needs a name, so that directions can be told in your words. Use what stands '
                .'there: lane, barn, stream.',
            PlanRefusal::SidesShareAName => 'Two sides share a name, so “toward” would not say which. Give each side its own.',
            PlanRefusal::BayNotPositive => 'Bay {number} has no length. Enter the distance from post centre to post centre, above zero.',
            PlanRefusal::NoBays => 'At least one bay is needed between two posts. Enter 1 or more.',
            PlanRefusal::TooManyLines => 'A grid of more than {most} lines each way is beyond this tool. Split the job.',
            PlanRefusal::TooManyPosts => 'That is {posts} posts. More than {most} in one job take too long to work out: split it into '
                .'jobs that meet at a row.',
            PlanRefusal::NothingIsLeft => 'The bays typed fill the overall size: nothing is left for “rest”. Make one of them shorter, or '
                .'the overall size larger.',
            PlanRefusal::OverallTooSmall => 'The overall size leaves nothing between the posts. Check the size and where the tape is held.',
            PlanRefusal::EveryPostLeftOut => 'Every post is left out. Leave at least one standing.',
            PlanRefusal::NoSuchPost => 'There is no post {label} in this grid. Use labels such as A1 or C3.',
            PlanRefusal::SectionNotPositive => 'A post needs a thickness above zero, as measured.',
            PlanRefusal::PostsOverlap => 'A bay is narrower than a post is thick, so posts would overlap. Check the bays and the post size.',
            PlanRefusal::UnknownNominalSize => '“{nominal}” is not a nominal size known here. Use 1 to 12 inches, such as 4×4 or 6×6, or '
                .'give the size as measured.',
            PlanRefusal::MemberWithoutSection => 'A member has a width and a depth above zero.',
            PlanRefusal::MembersTooClose => 'Members {thick} thick lie further apart than that, from middle to middle.',
            PlanRefusal::FastenerWithoutLength => 'A nail, screw or bolt has a length, and stands zero or more from end and edge.',
            PlanRefusal::ConnectorTakesNothing => 'It takes timber from so thick to so thick: the first figure is the smaller one.',
            PlanRefusal::MemberOtherwiseDeep => 'All of these are {deep} upright, so that they lie level: one of them can be wider, or doubled.',
            PlanRefusal::MemberBelowZero => 'What stands over, and a gap, are zero or more.',
            PlanRefusal::HoleNarrowerThanPost => 'The hole is narrower than the post across its corners. Make it wider.',
            PlanRefusal::NothingStands => 'The posts need a height above the ground. About is enough: 8\' or 2400 mm.',
            PlanRefusal::BoardWithoutLength => 'A batter board needs a length above zero.',
            PlanRefusal::FixedLineWithoutLength => 'Both points of the line are the same place. Give two that stand apart.',
            PlanRefusal::BaseLineOfOnePost => 'The base line runs between two posts; this is the same post twice. Choose another for one end.',
            PlanRefusal::NothingToFit => '“{name}” has no width. Enter how wide it is at its widest.',
            PlanRefusal::FitsBetweenOnePost => '“{name}” would stand between a post and itself. Choose two posts.',
            PlanRefusal::NeighbourNegative => 'The distance to keep from “{name}” can’t be below zero. Enter 0 where only the line itself counts.',
            PlanRefusal::BellNoWider => 'A bell is wider than its hole and has a height. Enter its width and height, or leave both empty.',
            PlanRefusal::CollarTooLow => 'A collar has a height above zero. Enter how much of the hole below the ground it fills.',
            PlanRefusal::CureDatumOutOfRange => 'No mix is counted from there. Enter a temperature from −15 °C to 10 °C (5 °F to 50 °F) '
                .'as its supplier names it, '
                .'or leave it empty: then it counts from freezing.',
            PlanRefusal::TooFewPoints => '“{name}” has too few points: a tree has one, a line two or more, what covers ground three or more.',
            PlanRefusal::BraceWithoutReach => 'Type how high it meets its post and, for a knee or a prop, how far it reaches.',
            PlanRefusal::BraceToNowhere => 'A tie or a knee goes to another post, a prop to one of the four sides.',
            PlanRefusal::FreeUpsideDown => 'What stays free ends above where it begins. Turn the two heights round.',
            PlanRefusal::GateWithoutLeaf => 'A gate needs a leaf, and no figure of it can be below zero.',
            PlanRefusal::GateInNoSection => 'There is no section {section}: this row has {there: one|#}. Section 1 runs from the first corner to '
                .'the second.',
            PlanRefusal::GateWithoutRoom => 'The gate has no room in section {section}: it runs past the corner, or into another gate. Move it, or '
                .'make its leaf narrower.',
            PlanRefusal::ToleranceNotPositive => 'How far a post may be off must be more than zero.',
            PlanRefusal::CloserAlongThanAcross => 'Along its row a post may be off by no less than across it. Turn the two figures round, or leave '
                .'this one empty.',
            PlanRefusal::PartName => '“{name}” can’t stand before a number. Use one or two letters, such as S for the stairs.',
            PlanRefusal::PartWithoutPosts => 'This part has no post. Give its corners, its bays or its places.',
            PlanRefusal::LabelTaken => 'There is a post {label} already. Give this part another name.',
            PlanRefusal::PostsStandInEachOther => '{one} and {other} would stand in each other. Check where the part begins, and which way it is '
                .'turned.',
            PlanRefusal::MarkCoarserThanTolerance => 'The smallest mark is coarser than the tolerance, so a move inside it could not be told. '
                .'Choose a finer mark or a wider tolerance.',
        };
    }
}
