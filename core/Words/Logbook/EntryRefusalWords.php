<?php

declare(strict_types=1);

namespace Aequus\Words\Logbook;

use Aequus\Logbook\Kind\EntryRefusal;

/** What was wrong, where, and what to enter instead. */
final class EntryRefusalWords
{
    public static function of(EntryRefusal $is): string
    {
        return match ($is) {
            EntryRefusal::SameStakeTwice => 'A tape runs between two stakes; this is the same stake twice. Choose another for one end.',
            EntryRefusal::DistanceNotPositive => 'A distance between two stakes is above zero. Enter what the tape read.',
            EntryRefusal::PointWithoutName => 'Name the point: a turning point, a nail, a kerb.',
            EntryRefusal::SamePointTwice => 'A difference of height lies between two points; this is the same point twice. Choose another '
                .'for one end.',
            EntryRefusal::LevelOffTheString => 'The line level hangs on the string between its two ends. Enter how far from the first '
                .'point, within the string’s length.',
            EntryRefusal::BeamTooSteep => 'No line of sight in use rises or falls so much. '
                .'Check the four rods and the four distances, or have the instrument set right.',
            EntryRefusal::StakeHoldsTheString => 'The string runs from this very stake, so it can’t stand off it. Choose another stake, '
                .'or another string.',
            EntryRefusal::NoticeDays => '{days} working days of notice can’t be right. Enter 0 to 60; your marking desk says how many.',
            EntryRefusal::LineNeedsTwoPoints => 'A line needs at least two points. Enter one a line, from A1: along the base line, then '
                .'away from it.',
            EntryRefusal::HoursOfNobody => 'From 1 to {most} people, for more than no time and at most a day, and more than nothing done.',
            EntryRefusal::HireWithoutEnd => 'What is hired goes back on a day: type the last one, no earlier than the first.',
            EntryRefusal::NoSuchWeather => 'The least is no more than the greatest; rain and gusts are zero or more, and their hours run forward '
                .'within the day.',
            EntryRefusal::NumbersBackward => 'Count from the first piece to the last: both from 1, the last no smaller.',
            EntryRefusal::NothingLost => 'All its pieces came out right: nothing is lost.',
            EntryRefusal::MoreLeftThanThereWas => 'What is left is longer than nothing and no longer than the board, {board}. Leave it empty where '
                .'nothing is.',
            EntryRefusal::NoDigNegative => 'The no-dig distance can’t be below zero. Enter what your marking desk asks for on each side.',
            EntryRefusal::RodNegative => 'A rod can’t read below zero. Enter the height of the beam on the rod.',
            EntryRefusal::WidthNotPositive => 'A hole has a width above zero. Leave it empty where it is as planned.',
            EntryRefusal::DepthNotPositive => 'A hole has a depth above zero. Enter it from today’s ground to the clean bottom.',
            EntryRefusal::LayerNotUnderstood => '“{typed}” is not a layer. Enter its soil and how deep it goes, such as clay 400; sand '
                .'900. Known soils: '
                .'clay, sand, silty or clayey sand, gravel, sandy gravel or gravel, layered rock, bedrock.',
            EntryRefusal::LayersOutOfOrder => 'Layers go down from the top, each ending deeper than the one above and none below the '
                .'bottom of the hole. '
                .'Enter such as clay 400; sand 900.',
            EntryRefusal::NothingSaid => 'Nothing was written. Write the remark first.',
            EntryRefusal::HandedToNobody => 'Say who takes the work over: a name, or the office.',
            EntryRefusal::StrikeWithoutReason => 'Say why the entry no longer counts: misread, wrong stake, typed twice.',
            EntryRefusal::DecisionWithoutReason => 'Say why: whoever reads the book later needs the reason.',
            EntryRefusal::DistanceToWhat => 'Say what the post is too near to, as it is called on the plan.',
            EntryRefusal::DistanceToNothing => 'Nothing on the plan is called “{typed}”. Say what the post is too near to.',
            EntryRefusal::LineNotAboveFoot => 'The line is drawn above the foot of the post. Enter how far up it is.',
            EntryRefusal::LesserEmbedmentMissing => 'A post does not stand on gravel alone. Type how deep it shall stand instead.',
            EntryRefusal::LesserEmbedmentOfAnotherRule => 'A depth all the same goes with the least embedment. Choose that rule, or leave '
                .'this empty.',
            EntryRefusal::LeanWithoutDirection => 'Say to which side the top goes: “{typed}” names none. Or say it is plumb.',
            EntryRefusal::LevelWithoutLength => 'A gap means nothing without the length it was read over. Enter the length of the level.',
            EntryRefusal::GapOutOfRange => 'The gap lies between zero and the length of the level. Enter the widest gap, and the side the '
                .'top goes to.',
            EntryRefusal::LeanImpossible => 'No standing post leans so far. Check the figure and the length it was read over.',
            EntryRefusal::BobWithoutHeight => 'A bob’s distance means nothing without the height it hangs from. Enter both, above zero.',
            EntryRefusal::BagsOutOfRange => 'So many bags do not go into one hole. Enter how many went in, or leave it empty.',
            EntryRefusal::TemperatureOutOfRange => 'Nobody pours at such a temperature. Type C or F behind it, or leave it empty.',
            EntryRefusal::PictureWithoutFingerprint => 'This is not a picture this program has kept. Choose the picture again.',
            EntryRefusal::LineEmpty => 'Nothing was typed. Say whom it is about, then what: {hole}.',
            EntryRefusal::LineWithoutPost => '“{line}” does not begin with a post or a pair. Begin with its label: {hole}, or {tape}.',
            EntryRefusal::LineSaysNothing => 'What about {label}? Say {verbs|}; or a decision, with because and the reason.',
            EntryRefusal::LineVerb => '“{said}” is not understood after {label}. Say {verbs|}; or a decision, with because and the reason.',
            EntryRefusal::LineUnfinished => '“{said}” is not whole yet. Go on, such as: {example}.',
            EntryRefusal::LineWithoutSide => '“{said}” names no side of this job. Say how much and toward which: {gap} {side}. The sides '
                .'are {sides,}.',
            EntryRefusal::LineFromTheBench => 'From the benchmark only heights are read. Say by what, how much and up or down: bench-b2 water 2 up.',
            EntryRefusal::LineBubble => '“{said}” tells no bubble. Say half-way, on the line or beyond, then the side the top leans to.',
            EntryRefusal::PhoneWithoutDegrees => 'A phone tells a lean in degrees: say so many degrees, then the side the top leans to.',
            EntryRefusal::LineOffString => 'Say which string, how far and toward which side: off a2-c2 {gap} {side}; or off a2-c2 0 where '
                .'it touches.',
            EntryRefusal::SideAlongTheString => 'That side lies along the string. Choose one that lies across it.',
            EntryRefusal::LineTooLong => '“{understood}” was understood, “{more}” was not. Leave it away, or write it as a note.',
            EntryRefusal::LineTwiceOneWay => '“{said}” names the same direction twice. Say it once each way.',
            EntryRefusal::WhichLine => 'Say from which it was read: {names,}.',
            EntryRefusal::NoLineInThePlan => 'No line is in the plan yet. Put the wall or boundary in first.',
            EntryRefusal::LineReady => '“{said}” is nothing to see to. Say ready and inspected, foot, mix, weather or covered.',
            EntryRefusal::LineFilled => '“{said}” is not understood after filled. Say filled, filled 11 bags, or filled 11 bags at 12 C.',
            EntryRefusal::HoleTooNarrow => 'The post is {across} across its corners and would not go in. Enter the width of the hole, not '
                .'its radius.',
            EntryRefusal::CornerShortened => 'A corner is never shortened: it carries the braces and the ends of two beams. '
                .'Dig on, or choose “Build it as the engineer says”.',
            EntryRefusal::AnchorShortened => 'An anchor post is never shortened: what pulls at it needs the whole depth. '
                .'Dig on, or choose “Build it as the engineer says”.',
            EntryRefusal::CastElsewhere => 'More than 4 ft (1219 mm) off its mark is another place. Check the figure, or change the plan.',
        };
    }
}
