<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
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
                Phase::Cut, Fact::of(MoveKind::MeasureTop, post: $post), [Fact::of(MoveWhy::MarkAboveTheLine, mark: $mark->aboveDatumLine())],
                posts: [$post], asks: EntryKind::Top,
            );
        }
    }
}
