<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post that leans too far is pulled true, then read again. */
enum PullTops implements Says
{
    case PullTop;

    case AtTheBrace;
    case PullWhileItGives;
    case ReadBothFacesAgain;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $stands = $site->standing($post);
            if (! $stands->set || $stands->lean->isUnread() || ! $stands->isOut() || $site->decided(DecisionAbout::AcceptLean, $post) !== null) {
                continue;
            }
            $pulls = $stands->pull();
            yield new Move(
                Phase::Set, Fact::of(self::PullTop, post: $post), [
                    Fact::of(
                        self::AtTheBrace, post: $post, pulls: $stands->pullAtTheBrace(), limit: $site->plan->tolerances->plumbOneIn,
                    ),
                    ...($stands->stage?->isFilled() ? [Fact::of(self::PullWhileItGives)] : []),
                    Fact::of(self::ReadBothFacesAgain),
                ],
                $pulls[0]->amount, isset($pulls[1])
                    ? Fact::of(Beside::TowardBoth, post: $post, side: $pulls[0]->toward, also: $pulls[1])
                        : Fact::of(Beside::Toward, post: $post, side: $pulls[0]->toward), [$post], EntryKind::Plumb,
            );
        }
    }
}
