<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Days\Task;
use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\FillPosts;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Outstanding;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Closure;

/** No work of a kind before what others bring, allow or look at is there. */
enum WaitForOthers implements Says
{
    case WaitForIt;
    case AskForADay;
    case AskAgain;
    case PutRightAndBookAgain;
    case SayWhatCameOfIt;

    case BookedFor;
    case NoDayNamed;
    case DidNotCome;
    case NotPassed;
    case HireIsOver;
    case WasBookedFor;

    /** @return Closure(SiteState): iterable<Move> what holds that work */
    public static function before(Task $work): Closure
    {
        return fn (SiteState $site): iterable => self::moves($site, $work);
    }

    /** @return iterable<Move> */
    private static function moves(SiteState $site, Task $work): iterable
    {
        foreach (self::isNext($site, $work) ? (new Outstanding($site))->before($work, $site->today) : [] as $awaited) {
            [$kind, $why] = match (true) {
                $awaited->state === AwaitedState::Failed && $awaited->thing->isInspection() => [self::PutRightAndBookAgain, self::NotPassed],
                $awaited->state === AwaitedState::Failed => [self::AskAgain, self::DidNotCome],
                $awaited->state === AwaitedState::Asked => [self::AskForADay, self::NoDayNamed],
                $awaited->from($site->today) !== null => [self::WaitForIt, self::BookedFor],
                $awaited->thing === AwaitedThing::Hire => [self::AskAgain, self::HireIsOver],
                default => [self::SayWhatCameOfIt, self::WasBookedFor],
            };
            yield new Move(
                Phase::Clear, Fact::of($kind, thing: $awaited->thing),
                [
                    Fact::of(
                        $why, thing: $awaited->thing, day: $awaited->until !== null && $why === self::HireIsOver ? $awaited->until : $awaited->day,
                        says: $awaited->says,
                    ),
                ],
                asks: EntryKind::Awaited,
            );
        }
    }

    /** A fill waits only where one could begin. */
    private static function isNext(SiteState $site, Task $work): bool
    {
        if ($work !== Task::Fill) {
            return true;
        }
        foreach (FillPosts::due($site) as $post) {
            return true;
        }

        return false;
    }
}
