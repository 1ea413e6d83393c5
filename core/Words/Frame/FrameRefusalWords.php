<?php

declare(strict_types=1);

namespace Aequus\Words\Frame;

use Aequus\Frame\FrameRefusal;

/** What was wrong, where, and what to enter instead. */
final class FrameRefusalWords
{
    public static function of(FrameRefusal $is): string
    {
        return match ($is) {
            FrameRefusal::HighSideLower => 'The high side lies lower than the low side, or level with it. Turn the two heights round.',
            FrameRefusal::NoRun => 'Between the two bearings nothing is left to fall over. Check how far apart the beams are.',
            FrameRefusal::LevelCutOfALevelMember => 'A level end needs a slope: choose a plumb or a square end.',
            FrameRefusal::CutsLeaveNoEdge => 'The cuts at both ends leave no lower edge. The member is too short for its depth.',
            FrameRefusal::SeatCutsThrough => 'The seat cuts through the member. Make it narrower, or the member deeper.',
            FrameRefusal::NoStockReaches => 'No stock length reaches from {from} to {to} with what stands over beside them. Add a longer stock, or '
                .'a post.',
            FrameRefusal::PostOffTheBeam => '{post} does not stand under the beam. Check its length and where it begins.',
            FrameRefusal::FewerThanTwoBearings => 'A beam lies on two posts at least.',
            FrameRefusal::FillsTheCorner => 'So short a brace fills its corner. Make its legs longer, or take narrower timber.',
            FrameRefusal::FirstAndLastTooNarrow => 'First and last board would be narrower than a third. Choose another width or gap.',
            FrameRefusal::RowsShareAJoist => 'Two rows side by side would both be joined over {joist}. Add a longer stock, or a shorter one.',
            FrameRefusal::TopOffThePlane => 'The top of {post} lies {off} off the plane of the others: what lies over it is not right there.',
            FrameRefusal::RowWantsLower => 'The beam over the row of {post} is {by} deeper than the others. Plan the tops of that row {by} lower, '
                .'or it stands out above them.',
            FrameRefusal::RowWantsHigher => 'The beam over the row of {post} is {by} less deep than the others. Plan the tops of that row {by} '
                .'higher, or it lies below them.',
            FrameRefusal::IntoTheWall => 'The frame would reach {by} into what is fixed there ({wall}). Let it stand over less on that side.',
            FrameRefusal::PliesJoinedTogether => 'Two plies side by side are both joined over {posts}: these lengths leave no other way. A longer '
                .'one would.',
            FrameRefusal::NoBraceThere => 'No brace at {post}: it would stand in the way of what passes there ({thing}). Hold that line some other '
                .'way, or make its legs shorter.',
            FrameRefusal::BeamEndsShort => 'The beam from {post} ends {by} short of the others: joists beyond it hang free there. Build that corner '
                .'by hand.',
            FrameRefusal::JoistsOnOneBeam => 'Joists and rafters lie on two beams, or on a beam and a ledger. Here is one beam only.',
            FrameRefusal::NotchTakesThePost => 'The beam is as wide as its posts, or wider: no notch takes it. Set it on top, or on both sides.',
            FrameRefusal::NotchLeavesLittle => 'The notch leaves {left} of the post. Take a thicker post or a thinner beam, or ask whoever answers '
                .'for it.',
            FrameRefusal::SeatWiderThanBeam => 'The seat of a rafter is wider than its beam: it would hang over. Make it as wide as the beam, or '
                .'narrower.',
            FrameRefusal::BeamOffTheRafters => 'Rafters would pass the beam from {post} by {off}: as it sits, it is off their line. Set its posts’ '
                .'tops by as much.',
            FrameRefusal::StackOff => 'What lies on the posts is {high} high, but their tops were planned for {planned}. Change the tops, or the '
                .'frame.',
            FrameRefusal::NoRoomForAPanel => 'Between {post} and {next} a panel has no room.',
            FrameRefusal::NoSuchMember => 'Number {number} of {layer} was changed or left out, but they end at {last}: nothing came of it. Take it '
                .'back, or type another number.',
            FrameRefusal::NotPositive => 'Lengths and widths are above zero.',
        };
    }
}
