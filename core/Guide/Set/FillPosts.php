<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Set\Drifts;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;

/** A plumb post is filled: each as it stands, or all once all stand, as was decided. Piers are poured before anything stands on them. */
enum FillPosts implements Says
{
    case PourPier;
    case FillPost;

    case FillWith;
    case PlumbWhenFull;
    case FillsPushed;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach (self::due($site) as $post) {
            $hold = $site->plan->holdOf($post->id);
            $drift = (new StandingFrame($site))->drifts()->expected;
            $warn = $drift === null || ! (new StandingFrame($site))->drifts()->isTelling($drift) ? [] : [
                Fact::of(self::FillsPushed, side: Drifts::toward($drift)),
            ];
            yield new Move(
                Phase::Set, Fact::of($hold === Hold::Pier ? self::PourPier : self::FillPost, post: $post),
                [
                    Fact::of(self::FillWith, fill: Fact::of($hold)), Fact::of(self::PlumbWhenFull), ...$warn,
                ], null, null, [$post], EntryKind::Filled,
            );
        }
    }

    /** @return iterable<Post> posts that can be filled now, in walking order */
    public static function due(SiteState $site): iterable
    {
        $mayBegin = ReadyToPour::mayBegin($site);
        foreach ($site->walk() as $post) {
            $hold = $site->plan->holdOf($post->id);
            if ($hold === Hold::Driven || $site->isFilled($post)) {
                continue;
            }
            $isDue = $hold === Hold::Pier
                ? $site->footing->asDug($post) !== null
                : $mayBegin && ReadyToPour::isPlumb($site, $post);
            if ($isDue) {
                yield $post;
            }
        }
    }
}
