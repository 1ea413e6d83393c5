<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Customs;
use Aequus\Plan\FillOrder;
use Aequus\Plan\Hold;
use Aequus\Plan\Post;
use Aequus\Set\Drifts;
use Aequus\Site\Phase;
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
        $order = ($site->plan->holding->customs ?? new Customs)->fillOrder;
        // One the fill pushed keeps no other from its fill: it stood, and it is pulled while the others go on.
        $stand = array_filter($site->plan->grid->posts, fn (Post $post) => $site->isFilled($post) || self::isPlumb($site, $post));
        foreach ($site->walk() as $post) {
            $hold = $site->plan->holdOf($post->id);
            if ($hold === Hold::Driven || $site->isFilled($post)) {
                continue;
            }
            $isDue = $hold === Hold::Pier
                ? $site->footing->asDug($post) !== null
                : self::isPlumb($site, $post) && ($order === FillOrder::EachAsItStands || count($stand) === count($site->plan->grid->posts));
            if ($isDue) {
                yield $post;
            }
        }
    }

    private static function isPlumb(SiteState $site, Post $post): bool
    {
        $stands = $site->standing($post);

        return $stands->set && ($stands->isProvedPlumb() || (! $stands->lean->isHalfKnown() && $site->decided(DecisionAbout::AcceptLean, $post) !== null));
    }
}
