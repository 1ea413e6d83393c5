<?php

declare(strict_types=1);

namespace Aequus\Guide\Plan;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Place\KeptDistance;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post that the plan puts behind a wall, over a boundary or too near to it is moved by a new plan, or knowingly left there. */
final readonly class KeepToTheSite implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->plan->fixedLines() as $line) {
            $kept = new KeptDistance($line, $site->plan->grid, $site->plan->post);
            if (! $kept->kept && $line->kind->shutsOff() && $site->decided(DecisionAbout::AcceptDistance, $kept->nearest) === null) {
                yield new Move(
                    Phase::Plan, Fact::of(MoveKind::KeepPostClear, post: $kept->nearest, line: $line->name),
                    [
                        $kept->room->isNegative() ? Fact::of(MoveWhy::FixedThroughPost, line: $line->name) : Fact::of(
                            MoveWhy::FixedTooNear, room: $kept->room, least: $line->least ?? Length::zero(),
                        ),
                    ],
                    ($line->least ?? Length::zero())->minus($kept->room), Fact::of(Beside::TooNear), [$kept->nearest], EntryKind::Decision,
                );
            }
        }
    }
}
