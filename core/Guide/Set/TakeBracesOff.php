<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Posts\Post;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Braces keep a post steady while its top is cut; they come off when what holds it is hard. */
enum TakeBracesOff implements Says
{
    case LeaveAlone;
    case TakeBracesOff;

    case FilledAtFreezing;
    case FoundWet;
    case ShakesLoose;
    case WriteDownTheFill;
    case HoursMore;
    case MinutesMore;
    case HardByItsClock;
    case FilledAtNoKnownTime;

    /** From so many minutes on a wait is told in hours. */
    private const IN_HOURS = 120;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        // A pier has no braces; its form may stay. Handed over is handed over, whatever nobody wrote down.
        foreach ($site->plan->holding?->ofJob === Hold::Pier || $site->handedOver() !== null ? [] : $site->unstripped() as $post) {
            $isWritten = $site->filling($post)->isDone();
            yield $isWritten && ! $site->clock($post)->mayStrip($site->now) ? self::leaveAlone($site, $post) : new Move(
                Phase::Set, Fact::of(self::TakeBracesOff, post: $post), [Fact::of($isWritten ? self::HardByItsClock : self::FilledAtNoKnownTime)],
                posts: [$post],
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
            Phase::Set, Fact::of(self::LeaveAlone, post: $post), match (true) {
                $clock->standsStill() => [Fact::of(self::FilledAtFreezing)],
                $clock->filling->isFoundWet() => [Fact::of(self::FoundWet)],
                $left === null => [Fact::of(self::ShakesLoose), Fact::of(self::WriteDownTheFill)],
                $left >= self::IN_HOURS => [Fact::of(self::ShakesLoose), Fact::of(self::HoursMore, hours: (int) ceil($left / 60))],
                default => [Fact::of(self::ShakesLoose), Fact::of(self::MinutesMore, minutes: $left)],
            },
            posts: [$post],
        );
    }
}
