<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** How far every post now stands above the datum line, so that a short one is known before the saw comes out. */
enum MeasureTops implements Says
{
    case MeasureTop;

    case MarkAboveTheLine;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $mark = $site->cut->mark($post);
            if ($mark === null || $mark->topNow !== null || $site->cut->isCut($post)) {
                continue;
            }
            yield new Move(
                Phase::Cut, Fact::of(self::MeasureTop, post: $post), [Fact::of(self::MarkAboveTheLine, mark: $mark->aboveDatumLine())],
                posts: [$post], asks: EntryKind::Top,
            );
        }
    }
}
