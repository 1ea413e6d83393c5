<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** What stands on the posts is put up last, from below, and written down as it goes. */
enum BuildFrame implements Says
{
    case BuildFrame;

    case FromBelow;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $left = self::left($site);
        if ($left > 0 && $site->handedOver() === null) {
            yield new Move(Phase::Cut, Fact::of(self::BuildFrame, count: $left), [Fact::of(self::FromBelow)], asks: EntryKind::MembersUp);
        }
    }

    /** Pieces of all frames that were decided, which nobody wrote down as up. */
    public static function left(SiteState $site): int
    {
        return array_sum(array_map(fn (FrameOnPosts $one) => count($one->pieces) - count($one->up()), Frames::decided($site->plan, $site->log)->all));
    }
}
