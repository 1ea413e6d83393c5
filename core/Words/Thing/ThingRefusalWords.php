<?php

declare(strict_types=1);

namespace Aequus\Words\Thing;

use Aequus\Thing\Terms\ThingRefusal;

/** What was wrong, where, and what to enter instead. */
final class ThingRefusalWords
{
    public static function of(ThingRefusal $is): string
    {
        return match ($is) {
            ThingRefusal::BandUpsideDown => 'The most is less than the least. Put the larger figure here, or change both round.',
            ThingRefusal::AskedOutsideTheBand => 'The rule allows {least} to {most}. Choose something between them.',
            ThingRefusal::HeightsDoNotRise => 'The heights must rise from one pair to the next. Put the lowest first.',
            ThingRefusal::NoReachKnown => 'The reach at {height} is not known: the table goes from {least} to {most}. Add a pair, or choose a '
                .'height in between.',
            ThingRefusal::BeyondTheHeightsRead => 'That place lies beyond the two where the surface was read. Read one further out.',
            ThingRefusal::OnePostMoreThanPanels => 'So many panels as {panels} need one post more than that. Check both lists.',
            ThingRefusal::PostsCross => 'These posts leave no room for a panel. Check the width at the ground and both leans.',
            ThingRefusal::NothingRead => 'No opening was read. Measure the socket at its mouth and further down.',
            ThingRefusal::TwoReadingsAtOneDepth => 'The socket was read twice at {depth}. Keep one of them.',
            ThingRefusal::ReadInTwoManners => 'Side {side} was read partly from a plumb line and partly by its width. Read it one way at all depths.',
            ThingRefusal::NoPlumbPostFits => 'On side {side} the socket leaves no room for a plumb post with its clearance.',
            ThingRefusal::PlaceNeedsAPlumbLine => 'To stand the post at a place asked for, side {side} must be read from a plumb line.',
            ThingRefusal::PlaceOutsideTheSocket => 'The place asked for lies outside the socket on side {side}.',
            ThingRefusal::NothingProbed => 'Nothing was probed. Push a rod into the old post and write down where it stops.',
            ThingRefusal::ProbeBelowTheSocket => 'The probe went deeper than the socket. Check both depths.',
            ThingRefusal::PostTooShort => 'That post is too short: its height and the least depth need {needed}. Buy a longer one, or ask whether '
                .'less depth is allowed.',
            ThingRefusal::NotAboveZero => 'This must be more than zero.',
            ThingRefusal::TooMany => 'This makes more than {most}. Plan the rest as a job of its own.',
            ThingRefusal::NothingStands => 'With this no post is left standing. Check it against the other figures.',
            ThingRefusal::SheetDisagrees => 'By its own bays the diagonal is {computed}: the sheet is {off} off. Check bay and row spacing against '
                .'the sheet before anything is driven.',
            ThingRefusal::BellOfARoundHole => 'A bell has a width more than its hole’s and a height, and sits under a round hole. Type both, or '
                .'leave both empty.',
            ThingRefusal::MarkBelowGround => 'A mark {off} below the line would lie below the ground at one of the posts.',
            ThingRefusal::ArchNotAcross => 'The points of the arch go across from the first post to the second, each further than the last.',
            ThingRefusal::ArchTooNarrow => 'The arch must be told from 0 to {centres}, from the centre of one post to that of the other.',
            ThingRefusal::ArchTooLow => 'The arch leaves only {room} over the machine where it comes lowest; {margin} are wanted. Raise it there.',
            ThingRefusal::ProfileNotAlong => 'Begin at 0, the end that goes in first; each point lies further along than the last.',
            ThingRefusal::ProfileDisagrees => 'The highest of these points is {top}, but the machine was given as {high} high. Put its highest '
                .'point in here, or change the height.',
            ThingRefusal::MachineTooLong => 'With the room before and behind it the machine takes {needed}; between the outer posts there are '
                .'{inside}. Make it longer that way, '
                .'or leave out of the machine’s points what may stand out.',
            ThingRefusal::NotDeepEnough => 'To drive in at an end, the machine needs {needed} over all this way.',
            ThingRefusal::LighterThanTheRest => 'End and gate posts carry more than the others: they can’t be thinner. Leave this empty where all '
                .'are alike.',
            ThingRefusal::CloserAlongThanAcross => 'Along the row a post may be off by {least} at least, as across it. Leave this empty for as much.',
            ThingRefusal::GateFillsTheRow => 'The gate with its gaps is as long as the row. Check both.',
            ThingRefusal::SocketSmallerThanPost => 'With its clearance this opening takes no post. Measure it again, or break the socket out.',
        };
    }
}
