<?php

declare(strict_types=1);

namespace Aequus\Guide\Plan;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Site\TooNear;

/** A post that the plan puts behind a wall, over a boundary or too near to it is moved by a new plan, or knowingly left there. */
enum KeepToTheSite implements Says
{
    case KeepPostClear;

    case FixedThroughPost;
    case FixedTooNear;

    case TooNear;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach (TooNear::all($site->plan) as $near) {
            if ($near->isTaken($site)) {
                continue;
            }
            yield new Move(
                Phase::Plan, Fact::of(self::KeepPostClear, post: $near->post, line: $near->thing), [
                    $near->room->isNegative() ? Fact::of(self::FixedThroughPost, line: $near->thing)
                        : Fact::of(self::FixedTooNear, room: $near->room, least: $near->least),
                ], $near->least->minus($near->room), Fact::of(self::TooNear), [$near->post], EntryKind::Decision,
            );
        }
    }
}
