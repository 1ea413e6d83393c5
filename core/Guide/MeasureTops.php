<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** How far every post now stands above the datum line, so that a short one is known before the saw comes out. */
final readonly class MeasureTops implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $mark = $site->cut->mark($post);
            if ($mark === null || $mark->topNow !== null || $site->cut->isCut($post)) {
                continue;
            }
            yield new Move(
                Phase::Cut, "Measure {$post->label} above the datum line",
                "Its mark comes {$site->plan->write($mark->aboveDatumLine())} above the line. Nobody cuts before every top is measured.",
                posts: [$post], asks: EntryKind::Top,
            );
        }
    }
}
