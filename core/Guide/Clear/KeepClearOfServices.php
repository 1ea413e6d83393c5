<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A hole that reaches into a no-dig band is moved by a new plan, or knowingly dug by hand. */
enum KeepClearOfServices implements Says
{
    case KeepHoleClear;

    case LineThroughHole;
    case HoleNearLine;

    case InsideTheBand;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->clear->conflicts as $conflict) {
            if ($site->decided(DecisionAbout::DigByHand, $conflict->post) !== null) {
                continue;
            }
            yield new Move(
                Phase::Clear, Fact::of(self::KeepHoleClear, post: $conflict->post, service: $conflict->service->name),
                [
                    $conflict->room->isNegative() ? Fact::of(self::LineThroughHole) : Fact::of(
                        self::HoleNearLine, room: $conflict->room, asked: $conflict->service->noDig,
                    ),
                ],
                $conflict->inside, Fact::of(self::InsideTheBand), [$conflict->post], EntryKind::Decision,
            );
        }
    }
}
