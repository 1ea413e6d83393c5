<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Frame\FrameOnPosts;
use Aequus\Frame\Frames;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** What stands on the posts is put up last, from below, and written down as it goes. */
final readonly class BuildFrame implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $left = self::left($site);
        if ($left > 0 && $site->handedOver() === null) {
            yield new Move(Phase::Cut, Fact::of(MoveKind::BuildFrame, count: $left), [Fact::of(MoveWhy::FromBelow)], asks: EntryKind::MembersUp);
        }
    }

    /** Pieces of all frames that were decided, which nobody wrote down as up. */
    public static function left(SiteState $site): int
    {
        return array_sum(array_map(fn (FrameOnPosts $one) => count($one->pieces) - count($one->up()), Frames::decided($site->plan, $site->log)->all));
    }
}
