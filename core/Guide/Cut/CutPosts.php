<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Posts\Post;
use Aequus\Site\CutHindrance;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The cuts, in walking order, each from the datum line. */
final readonly class CutPosts implements Rule
{
    /** From so many minutes on a wait is told in hours. */
    private const IN_HOURS = 120;

    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $mark = $site->cut->mark($post);
            if ($mark === null || $mark->topNow === null || $site->cut->isCut($post)
                || $site->decided(DecisionAbout::AcceptShortPost, $post) !== null) {
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
                Phase::Cut, Fact::of(MoveKind::CutPost, post: $post), [
                    Fact::of(MoveWhy::ComesOff, line: $mark->datumLine, off: $mark->topNow->minus($mark->top)),
                ],
                $mark->aboveDatumLine(), Fact::of(Beside::AboveTheLine), [$post], EntryKind::PostCut,
            );
        }
    }

    private function letItGetHard(SiteState $site, Post $post): Move
    {
        $clock = $site->clock($post);
        $left = $clock->left($site->now);

        return new Move(
            Phase::Set, Fact::of(MoveKind::LeaveAlone, post: $post), match (true) {
                $clock->standsStill() => [Fact::of(MoveWhy::FilledAtFreezing)],
                $clock->filling->isFoundWet() => [Fact::of(MoveWhy::FoundWet)],
                $left === null => [Fact::of(MoveWhy::ShakesLoose), Fact::of(MoveWhy::WriteDownTheFill)],
                $left >= self::IN_HOURS => [Fact::of(MoveWhy::ShakesLoose), Fact::of(MoveWhy::HoursMore, hours: (int) ceil($left / 60))],
                default => [Fact::of(MoveWhy::ShakesLoose), Fact::of(MoveWhy::MinutesMore, minutes: $left)],
            },
            posts: [$post],
        );
    }
}
