<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post is plumb only when two neighbouring faces say so. */
final readonly class ReadPlumb implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $stands = $site->standing($post);
            $face = $stands->nextFace();
            // What a phone read may be taken as it is, with a reason.
            $isTaken = $stands->isTooRoughlyRead() && ! $stands->lean->isHalfKnown() && $site->decided(DecisionAbout::AcceptLean, $post) !== null;
            if (! $stands->set || $face === null || $isTaken) {
                continue;
            }
            yield new Move(
                Phase::Set, match (true) {
                    ! $site->plan->post->round => Fact::of(MoveKind::ReadFace, side: $face, post: $post),
                    $stands->lean->isUnread() => Fact::of(MoveKind::ReadPole, post: $post),
                    default => Fact::of(MoveKind::ReadPoleAnotherWay, post: $post),
                },
                [$stands->isTooRoughlyRead() && ! $stands->lean->isHalfKnown() ? Fact::of(
                    MoveWhy::ReadTooRoughly, rough: $site->plan->notation->system()->run->times(2 * $stands->lean->sigma),
                    run: $site->plan->notation->system()->run, limit: $site->plan->tolerances->plumbOneIn,
                ) : Fact::of(match (true) {
                    ! $stands->isReadSinceFilled() && ! $stands->stage?->isFilled() => MoveWhy::FilledSinceRead,
                    $stands->lean->isUnread() => MoveWhy::NothingRead,
                    default => MoveWhy::HalfKnown,
                })],
                posts: [$post], asks: EntryKind::Plumb,
            );
        }
    }
}
