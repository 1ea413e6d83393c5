<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Guide\Set\TakeBracesOff;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
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
                Phase::Cut, Fact::of(MoveKind::CutPost, post: $post), [
                    Fact::of(MoveWhy::ComesOff, line: $mark->datumLine, off: $mark->topNow->minus($mark->top)),
                ],
                $mark->aboveDatumLine(), Fact::of(Beside::AboveTheLine), [$post], EntryKind::PostCut,
            );
        }
    }
}
