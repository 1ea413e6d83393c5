<?php

declare(strict_types=1);

namespace Aequus\Guide\Plan;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Site\TooNear;

/** A post that the plan puts behind a wall, over a boundary or too near to it is moved by a new plan, or knowingly left there. */
final readonly class KeepToTheSite implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach (TooNear::all($site->plan) as $near) {
            if ($near->isTaken($site)) {
                continue;
            }
            yield new Move(
                Phase::Plan, Fact::of(MoveKind::KeepPostClear, post: $near->post, line: $near->thing), [
                    $near->room->isNegative() ? Fact::of(MoveWhy::FixedThroughPost, line: $near->thing)
                        : Fact::of(MoveWhy::FixedTooNear, room: $near->room, least: $near->least),
                ], $near->least->minus($near->room), Fact::of(Beside::TooNear), [$near->post], EntryKind::Decision,
            );
        }
    }
}
