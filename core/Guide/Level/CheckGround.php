<?php

declare(strict_types=1);

namespace Aequus\Guide\Level;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Level\GroundDoubt;
use Aequus\Level\LevelReadings;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Level\RodReading;
use Aequus\Measure\Guess;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\DepthMode;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/**
 * Ground that one reading tells is compared with the plane of all; where that can’t tell, a second set-up or a hop is asked for before the
 * depth of a hole rests on it.
 */
enum CheckGround implements Says
{
    case TurnOneHop;
    case ReadFromAnotherSetUp;
    case SetUpElsewhere;
    case HopOnceMore;
    case ReadFromSecondToo;
    case SetUpOnceMore;

    case LevelMisses;
    case NamedLevelMisses;
    case StandsAbove;
    case StandsBelow;
    case AnotherSetUpShows;
    case CallItSetUp;
    case GroundTooRough;
    case PostsInOneRow;
    case TooFewPosts;
    case SecondWayChecks;
    case TwoSetUpsCheck;
    case SecondSetUpChecks;

    case AboveTheOthers;
    case BelowTheOthers;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if (! $site->level->isComplete() || $site->decided(DecisionAbout::AcceptHeights) !== null || count($site->plan->grid->posts) < 2) {
            return;
        }
        foreach ($site->level->levels as $level) {
            if ($level->asksForATurnedHop) {
                $name = substr($level->level, strlen(LevelReadings::LEVEL));
                yield new Move(
                    Phase::Level, Fact::of(self::TurnOneHop), [
                        $name === '' ? Fact::of(self::LevelMisses) : Fact::of(self::NamedLevelMisses, level: $name),
                    ],
                    asks: EntryKind::HeightDifference,
                );
            }
        }
        $test = $site->level->groundTest;
        $doubted = $test->point === null ? null : $site->plan->grid->find(PostId::of($test->point));
        if ($test->doubt === GroundDoubt::Doubted && $doubted !== null) {
            yield self::doubts($site, $doubted, Length::millimetres($test->above ?? 0.0));

            return;
        }
        if (! self::depthRestsOnHeights($site) || $test->doubt === GroundDoubt::None) {
            return;
        }
        foreach ($site->walk() as $post) {
            if (! $site->level->isGroundChecked($post) && $site->footing->asDug($post) === null) {
                yield self::again($site, $post);
            }
        }
    }

    /** Holes that go each to its own depth from the ground beside them do not. */
    private static function depthRestsOnHeights(SiteState $site): bool
    {
        return $site->plan->footing !== null && ($site->plan->footing->mode !== DepthMode::Own || $site->plan->footing->finishedGrade !== null);
    }

    private static function doubts(SiteState $site, Post $post, Length $above): Move
    {
        $why = [
            Fact::of($above->isPositive() ? self::StandsAbove : self::StandsBelow, post: $post, off: $above->magnitude()),
            ...array_map(fn (Guess $guess) => $guess->asks($above->isNegative()), $site->level->groundTest->guesses),
            Fact::of(self::AnotherSetUpShows),
        ];
        $setUp = self::elsewhere($site, $post);
        $isTied = $site->level->hasSetUp(LevelReadings::SET_UP.$setUp);

        return $isTied
            ? new Move(
                Phase::Level, Fact::of(self::ReadFromAnotherSetUp, post: $post, set_up: $setUp), $why,
                $above->magnitude(), Fact::of(
                    $above->isPositive() ? self::AboveTheOthers : self::BelowTheOthers,
                ), [$post], EntryKind::Rod, setUp: $setUp,
            )
            : new Move(
                Phase::Level, Fact::of(
                    self::SetUpElsewhere, benchmark: $site->level->benchmark?->name, post: $post,
                ), [...$why, Fact::of(self::CallItSetUp, set_up: $setUp)], null, null, [$post], EntryKind::Rod, setUp: $setUp,
            );
    }

    /** Name of the newest set-up where the post was not read from it, else of one yet to make. */
    private static function elsewhere(SiteState $site, Post $post): string
    {
        $readFrom = $used = [];
        foreach ($site->log->now(RodReading::class) as $rod) {
            $used[] = $rod->setUp;
            if ($rod->point->post !== null && $rod->point->post->equals($post->id)) {
                $readFrom[] = $rod->setUp;
            }
        }
        $newest = (string) $site->level->setUp;
        if ($newest !== '' && ! in_array($newest, $readFrom, true)) {
            return $newest;
        }
        for ($number = 2; in_array((string) $number, $used, true); $number++) {
            continue;
        }

        return (string) $number;
    }

    private static function again(SiteState $site, Post $post): Move
    {
        $why = match ($site->level->groundTest->doubt) {
            GroundDoubt::TooRough => Fact::of(self::GroundTooRough),
            GroundDoubt::OnOneLine => Fact::of(self::PostsInOneRow),
            default => Fact::of(self::TooFewPosts),
        };
        if ($site->log->now(RodReading::class) === []) {
            return new Move(
                Phase::Level, Fact::of(self::HopOnceMore, post: $post), [$why, Fact::of(self::SecondWayChecks)], null, null, [$post],
                EntryKind::HeightDifference,
            );
        }
        $second = $site->level->setUp !== null && $site->level->setUp !== '' && $site->level->hasSetUp(LevelReadings::SET_UP.$site->level->setUp);

        return $second
            ? new Move(
                Phase::Level, Fact::of(self::ReadFromSecondToo, post: $post, set_up: $site->level->setUp),
                [$why, Fact::of(self::TwoSetUpsCheck)], null, null, [$post], EntryKind::Rod,
            )
            : new Move(
                Phase::Level, Fact::of(self::SetUpOnceMore, benchmark: $site->level->benchmark->name ?? ''),
                [$why, Fact::of(self::SecondSetUpChecks), Fact::of(self::CallItSetUp, set_up: '2')], asks: EntryKind::Rod, setUp: '2',
            );
    }
}
