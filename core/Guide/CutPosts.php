<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
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
            yield new Move(
                Phase::Cut, "Mark and cut {$post->label}",
                "The datum line stands {$site->plan->write($mark->datumLine)} above the benchmark’s zero. {$site->plan->write($mark->topNow->minus($mark->top))} comes off. Seal the fresh end.",
                $mark->aboveDatumLine(), 'above the datum line', [$post], EntryKind::PostCut,
            );
        }
    }
}
