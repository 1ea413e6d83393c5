<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\TakeBracesOff;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\CutHindrance;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The cuts, in walking order, each from the datum line. */
enum CutPosts implements Says
{
    case CutPost;

    case ComesOff;

    case AboveTheLine;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $mark = $site->cut->mark($post);
            if ($mark === null || $mark->topNow === null || $site->cut->isCut($post)
                || $site->decided(DecisionAbout::AcceptShortPost, $post) !== null) {
                continue;
            }
            if ($site->hindersCut($post) === CutHindrance::NotHard) {
                yield TakeBracesOff::leaveAlone($site, $post);

                continue;
            }
            if ($site->hindersCut($post) !== null) {
                continue;
            }
            yield new Move(
                Phase::Cut, Fact::of(self::CutPost, post: $post), [
                    Fact::of(self::ComesOff, line: $mark->datumLine, off: $mark->topNow->minus($mark->top)),
                ],
                $mark->aboveDatumLine(), Fact::of(self::AboveTheLine), [$post], EntryKind::PostCut,
            );
        }
    }
}
