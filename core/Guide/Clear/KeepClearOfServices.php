<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A hole that reaches into a no-dig band is moved by a new plan, or knowingly dug by hand. */
final readonly class KeepClearOfServices implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->clear->conflicts as $conflict) {
            if ($site->decided(DecisionAbout::DigByHand, $conflict->post) !== null) {
                continue;
            }
            yield new Move(
                Phase::Clear, Fact::of(MoveKind::KeepHoleClear, post: $conflict->post, service: $conflict->service->name),
                [
                    $conflict->room->isNegative() ? Fact::of(MoveWhy::LineThroughHole) : Fact::of(
                        MoveWhy::HoleNearLine, room: $conflict->room, asked: $conflict->service->noDig,
                    ),
                ],
                $conflict->inside, Fact::of(Beside::InsideTheBand), [$conflict->post], EntryKind::Decision,
            );
        }
    }
}
