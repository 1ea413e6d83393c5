<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post is plumb only when two neighbouring faces say so. */
enum ReadPlumb implements Says
{
    case ReadFace;
    case ReadPole;
    case ReadPoleAnotherWay;

    case FilledSinceRead;
    case NothingRead;
    case HalfKnown;
    case ReadTooRoughly;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
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
                    ! $site->plan->post->round => Fact::of(self::ReadFace, side: $face, post: $post),
                    $stands->lean->isUnread() => Fact::of(self::ReadPole, post: $post),
                    default => Fact::of(self::ReadPoleAnotherWay, post: $post),
                },
                [$stands->isTooRoughlyRead() && ! $stands->lean->isHalfKnown() ? Fact::of(
                    self::ReadTooRoughly, rough: $site->plan->notation->system()->run->times(2 * $stands->lean->sigma),
                    run: $site->plan->notation->system()->run, limit: $site->plan->tolerances->plumbOneIn,
                ) : Fact::of(match (true) {
                    ! $stands->isReadSinceFilled() && ! $stands->stage?->isFilled() => self::FilledSinceRead,
                    $stands->lean->isUnread() => self::NothingRead,
                    default => self::HalfKnown,
                })],
                posts: [$post], asks: EntryKind::Plumb,
            );
        }
    }
}
