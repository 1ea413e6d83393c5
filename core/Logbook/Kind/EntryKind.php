<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** Every kind of thing that can be written into the logbook. The value is stored and never changes. */
enum EntryKind: string
{
    case Notice = 'notice';
    case Service = 'service';
    case Tape = 'tape';
    case StringOffset = 'string_offset';
    case LineOffset = 'line_offset';
    case AsCast = 'as_cast';
    case StakeMoved = 'stake_moved';
    case BoardsUp = 'boards_up';
    case Benchmark = 'benchmark';
    case Rod = 'rod';
    case HeightDifference = 'height_difference';
    case BeamTested = 'beam_tested';
    case Hole = 'hole';
    case PostSet = 'post_set';
    case Plumb = 'plumb';
    case Twist = 'twist';
    case Spacing = 'spacing';
    case Ready = 'ready';
    case CrossChecked = 'cross_checked';
    case Filled = 'filled';
    case Picture = 'picture';
    case Top = 'top';
    case PostCut = 'post_cut';
    case Decision = 'decision';
    case Remark = 'remark';
    case HandedOver = 'handed_over';
    case Strike = 'strike';

    /** What stored entries understand of each other grows: a version is never used twice. 2: a tape says which one it is and how it was held. 3: a rod says on what it stands, from which set-up. 4: a hole says which soils it went through. 5: a lean says how it was read. 6: an offset says from which line, and with which tape. */
    public const VERSION = 6;
}
