<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Braces keep a post steady while its top is cut; they come off when what holds it is hard. */
final readonly class TakeBracesOff implements Rule
{
    /** From so many minutes on a wait is told in hours. */
    private const IN_HOURS = 120;

    public function moves(SiteState $site): iterable
    {
        // A pier has no braces; its form may stay. Handed over is handed over, whatever nobody wrote down.
        foreach ($site->plan->holding?->ofJob === Hold::Pier || $site->handedOver() !== null ? [] : $site->unstripped() as $post) {
            $isWritten = $site->filling($post)->isDone();
            yield $isWritten && ! $site->clock($post)->mayStrip($site->now) ? self::leaveAlone($site, $post) : new Move(
                Phase::Set, Fact::of(MoveKind::TakeBracesOff, post: $post), [Fact::of($isWritten ? MoveWhy::HardByItsClock : MoveWhy::FilledAtNoKnownTime)], posts: [$post],
                asks: EntryKind::Filled,
            );
        }
    }

    /** A post whose fill has not had its time. */
    public static function leaveAlone(SiteState $site, Post $post): Move
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
