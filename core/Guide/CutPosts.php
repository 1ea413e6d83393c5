<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Post;
use Aequus\Site\CutHindrance;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The cuts, in walking order, each from the datum line. */
final readonly class CutPosts implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $mark = $site->cut->mark($post);
            if ($mark === null || $mark->topNow === null || $site->cut->isCut($post) || $site->decided(DecisionAbout::AcceptShortPost, $post) !== null) {
                continue;
            }
            if ($site->hindersCut($post) === CutHindrance::NotHard) {
                yield $this->letItGetHard($site, $post);

                continue;
            }
            if ($site->hindersCut($post) !== null) {
                continue;
            }
            yield new Move(
                Phase::Cut, "Mark and cut {$post->label}",
                "The datum line stands {$site->plan->write($mark->datumLine)} above the benchmark’s zero. {$site->plan->write($mark->topNow->minus($mark->top))} comes off. Seal the fresh end.",
                $mark->aboveDatumLine(), 'above the datum line', [$post], EntryKind::PostCut,
            );
        }
    }

    private function letItGetHard(SiteState $site, Post $post): Move
    {
        $clock = $site->clock($post);
        $left = $clock->left($site->now);

        return new Move(
            Phase::Set, "Leave {$post->label} alone until it is hard",
            match (true) {
                $clock->standsStill() => 'It was filled at freezing: it does not set. Keep it warm, and ask the label of the bag; no saw, no load, no braces off.',
                $clock->filling->isFoundWet() => 'Its surface was found wet: believe the surface, not the label. No saw, no load, no braces off.',
                default => 'Sawing and loading shake what has not set. '.($left === null ? 'Write down when it is filled.' : 'It wants '.($left >= 120 ? 'about '.(int) ceil($left / 60).' hours' : "{$left} minutes").' more.'),
            },
            posts: [$post],
        );
    }
}
