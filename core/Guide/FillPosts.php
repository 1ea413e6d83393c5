<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Plan\Hold;
use Aequus\Plan\Post;
use Aequus\Set\Drifts;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;
use Aequus\Site\StandingFrame;

/** A plumb post is filled: each as it stands, or all once all stand, as was decided. Piers are poured before anything stands on them. */
final readonly class FillPosts implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach (self::due($site) as $post) {
            $hold = $site->plan->holdOf($post->id);
            $drift = (new StandingFrame($site))->drifts()->expected;
            $warn = $drift === null || ! (new StandingFrame($site))->drifts()->isTelling($drift) ? '' : " The last fills pushed the posts toward the {$site->plan->sides->of(Drifts::toward($drift))}: keep this one as much the other way.";
            yield new Move(
                Phase::Set, $hold === Hold::Pier ? "Pour pier {$post->label}" : "Fill {$post->label}",
                ucfirst($hold->fill()).". Plumb it again when it is full.{$warn}", null, '', [$post], EntryKind::Filled,
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
