<?php

declare(strict_types=1);

namespace Aequus\Words\Thing;

use Aequus\Plan\JobKind;
use Aequus\Plan\Terms\SideNames;
use LogicException;

/** What each kind of thing is, in one sentence, and what it asks for. */
final class ThingWords
{
    public static function sentence(JobKind $kind): string
    {
        return match ($kind) {
            JobKind::LetterBox => 'A box, a sign or a lamp by a road, at the height and distance a rule wants.',
            JobKind::Pergola => 'A pergola, a screen or a shade sail, free or on a wall: the bays follow from what hangs in them.',
            JobKind::PoleBuilding => 'A shelter for a machine, wood or animals: the bays follow from what must get in.',
            JobKind::Deck => 'A deck, a cabin floor or a walkway, down from the sill of the door.',
            JobKind::FenceLine => 'A fence, a trellis or rails in one line, with a gate or without.',
            JobKind::CarryingPair => 'Two posts for a swing bar, a target, a hoist, a banner or a gate.',
            JobKind::CourtHoop => 'A hoop or an arm that reaches over a court from its edge.',
            JobKind::PlayStructure => 'Something to climb or swing on, with its free zone on every side.',
            JobKind::Gateway => 'An arch or a gateway that a loaded wagon drives through.',
            JobKind::DrivenPosts => 'Posts driven by a maker’s sheet, which is checked first.',
            JobKind::SocketRepair => 'A rotted post in sound concrete: what to take off the new one, and whether the socket is deep enough.',
            default => throw new LogicException("{$kind->name} is planned field by field."),
        };
    }

    /** Why this kind is built as it is. */
    public static function why(JobKind $kind): string
    {
        return match ($kind) {
            JobKind::LetterBox => 'The rule speaks of the box, not of the post: both bands are turned into one place and one height of the post, in '
                .'the middle of '
                .'what is allowed, so that setting it has room either way. The road’s owner may want a post that gives way when a car hits it: ask '
                    .'before you dig.',
            JobKind::Pergola => 'What is bought ready-made can’t be stretched: panels, screens and cloth come first, and the holes follow. On a '
                .'wall the posts are '
                .'squared to it, and the ledger is fixed as the wall’s owner and your local code allow. No roof is meant: it would want other '
                    .'footings.',
            JobKind::PoleBuilding => 'What must get in is measured at its widest and highest, with all that hangs on it. Spans, roof loads and the '
                .'holding against wind '
                .'are for your local code and an engineer.',
            JobKind::Deck => 'Everything comes down from the sill: the step, the boards, the joists, the beam, then the post. Whether a guard or a '
                .'permit is needed '
                .'follows from the height of the floor: ask your building office.',
            JobKind::FenceLine => 'Corner, end and gate posts carry more than those between and go in first; the string runs between them.',
            JobKind::CarryingPair => 'Marks on both posts are taken from their own ground, so that the line is level though the ground is not. What '
                .'swings, '
                .'hangs or pulls needs footings that an engineer or the maker names.',
            JobKind::CourtHoop => 'The target’s place over the court follows from the arm at the height it is played at. The anchor is set level '
                .'while the concrete '
                .'can still be worked, and nobody hangs on it before it is hard.',
            JobKind::PlayStructure => 'Whoever falls needs ground that gives and nothing to hit. Frames are joined on the ground and tilted up; '
                .'nobody climbs them '
                .'before the posts hold.',
            JobKind::Gateway => 'The lowest point over the whole width counts, not the middle of the arch.',
            JobKind::DrivenPosts => 'A driven post can’t be pushed over afterwards: the sheet’s own figures are compared before the first one. Have '
                .'buried lines '
                .'marked: what is driven goes through them unseen.',
            JobKind::SocketRepair => 'What the post carries is propped first. The new post stands plumb, not along the old socket: the narrowest '
                .'place of each face '
                .'governs. Where the socket can’t be emptied deep enough it is not kept; nor where '
                .'the old concrete has heaved or cracked, since frost then reaches below it.',
            default => throw new LogicException("{$kind->name} is planned field by field."),
        };
    }

    /** Which way is which, until somebody names them. */
    public static function sides(JobKind $kind): SideNames
    {
        return match ($kind) {
            JobKind::LetterBox, JobKind::FenceLine, JobKind::Gateway => new SideNames('road', 'field', 'left', 'right'),
            JobKind::CourtHoop => new SideNames('court', 'behind', 'left', 'right'),
            JobKind::Pergola, JobKind::Deck => new SideNames('garden', 'house', 'left', 'right'),
            JobKind::PoleBuilding, JobKind::DrivenPosts => new SideNames('yard', 'back', 'left', 'right'),
            default => new SideNames('front', 'back', 'left', 'right'),
        };
    }
}
