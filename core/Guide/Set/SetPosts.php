<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post for every hole that is deep enough. */
final readonly class SetPosts implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $order = $site->plan->holding?->customs->build;
        $open = $site->plan->holding?->customs->fillOrder === FillOrder::EachAsItStands ? self::standsUnfilled($site) : null;
        foreach ($site->buildOrder() as $post) {
            $isPier = $site->plan->holdOf($post->id) === Hold::Pier;
            if ($site->footing->asDug($post) === null || $site->standing($post)->set || ($isPier && ! $site->filling($post)->isDone())) {
                continue;
            }
            // Each is filled before the next is stood; a frame stands as a whole.
            if ($open !== null && ! ($order === BuildOrder::FramesTilted && $open->at->x->equals($post->at->x))) {
                continue;
            }
            $foot = $site->footing->foot($post);
            $top = $site->plan->tops?->topOf($post);
            yield new Move(
                Phase::Set, Fact::of(MoveKind::SetPost, post: $post), [
                    Fact::of(match (true) {
                        $isPier => MoveWhy::BoltToItsBase,
                        $order === BuildOrder::BeamsFirst => MoveWhy::HangFromItsBeam,
                        $order === BuildOrder::FramesTilted => MoveWhy::TiltItsFrame,
                        default => MoveWhy::SeatOnItsFoot,
                    }),
                    ...$this->treatment($site, $post),
                    ...($top === null || $site->cut->isCut($post) ? [] : [Fact::of(MoveWhy::AtLeastSoLong)]),
                ],
                $top === null || $foot === null ? null : $top->minus($foot), match (true) {
                    $top === null => null,
                    $site->cut->isCut($post) => Fact::of(Beside::AsItWasCut),
                    default => Fact::of(Beside::LeastLength),
                }, [$post], EntryKind::PostSet,
            );
        }
    }

    /** The first that stands in an open hole; null where none does. */
    private static function standsUnfilled(SiteState $site): ?Post
    {
        foreach ($site->buildOrder() as $post) {
            if ($site->standing($post)->set && ! $site->isFilled($post) && $site->plan->holdOf($post->id) !== Hold::Driven) {
                return $post;
            }
        }

        return null;
    }

    /** @return list<Fact> what is marked and done on a buried post before it stands */
    private function treatment(SiteState $site, Post $post): array
    {
        $reach = $site->footing->treatedUpTo($post);
        [$foot, $need] = [$site->footing->foot($post), $site->footing->required($post)?->need];
        $line = $foot === null || $need === null || ! $site->plan->holdOf($post->id)->isBuried() ? []
            : [Fact::of(MoveWhy::EmbedmentLine, up: $need->ground->minus($foot))];

        return [...$line, ...($reach === null ? [] : [Fact::of(MoveWhy::TreatedUpTo, reach: $reach, care: $site->plan->holding?->customs->wood)])];
    }
}
