<?php

declare(strict_types=1);

namespace Aequus\Words\Frame;

use Aequus\Frame\FrameNote;

/** What is minded with a frame while it is built. */
final class FrameNoteWords
{
    public static function of(FrameNote $is): string
    {
        return match ($is) {
            FrameNote::LayWithGap => 'Lay the boards with a gap of {lay}: as moist as they are, it comes to {opens} in the end.',
            FrameNote::LayTight => 'Lay the boards tight. They are so wet that their gaps open to {opens}, which is more than you want: better let '
                .'them dry first.',
            FrameNote::IsGreen => '{layer}: green timber bows within a day. Fix it the day it is cut, or sight along it again first. What fits '
                .'against it is measured after it is fixed.',
            FrameNote::PostsAreTwisted => 'Turned off their line: {posts,}. What is fixed to one of their faces is looked at again at its free end '
                .'before it is fixed there.',
            FrameNote::FarFaceTaken => '{layer}: {count: # joist takes one|# joists take one} from each side at the same place. Fix the first '
                .'through the joist, the second at an angle, or set them off by turns.',
            FrameNote::LastBay => '{layer}: {left} remains for the last bay.',
            FrameNote::SeatIsDeep => 'The seats leave {left} of the rafters’ depth, less than two thirds. Make them narrower, or ask whoever '
                .'answers for it.',
        };
    }
}
