<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

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

/** A post that leans too far is pulled true, then read again. */
final readonly class PullTops implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $stands = $site->standing($post);
            if (! $stands->set || $stands->lean->isUnread() || ! $stands->isOut() || $site->decided(DecisionAbout::AcceptLean, $post) !== null) {
                continue;
            }
            $pulls = $stands->pull();
            yield new Move(
                Phase::Set, Fact::of(MoveKind::PullTop, post: $post), [
                    Fact::of(
                        MoveWhy::AtTheBrace, post: $post, pulls: $stands->pullAtTheBrace(), limit: $site->plan->tolerances->plumbOneIn,
                    ),
                    ...($stands->stage?->isFilled() ? [Fact::of(MoveWhy::PullWhileItGives)] : []),
                    Fact::of(MoveWhy::ReadBothFacesAgain),
                ],
                $pulls[0]->amount, isset($pulls[1])
                    ? Fact::of(Beside::TowardBoth, post: $post, side: $pulls[0]->toward, also: $pulls[1])
                        : Fact::of(Beside::Toward, post: $post, side: $pulls[0]->toward), [$post], EntryKind::Plumb,
            );
        }
    }
}
