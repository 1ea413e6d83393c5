<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Days\Task;
use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Guide\Set\FillPosts;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Outstanding;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** No work of a kind before what others bring, allow or look at is there. */
final readonly class WaitForOthers implements Rule
{
    public function __construct(private Task $before)
    {
    }

    public function moves(SiteState $site): iterable
    {
        foreach ($this->isNext($site) ? (new Outstanding($site))->before($this->before, $site->today) : [] as $awaited) {
            [$kind, $why] = match (true) {
                $awaited->state === AwaitedState::Failed && $awaited->thing->isInspection() => [MoveKind::PutRightAndBookAgain, MoveWhy::NotPassed],
                $awaited->state === AwaitedState::Failed => [MoveKind::AskAgain, MoveWhy::DidNotCome],
                $awaited->state === AwaitedState::Asked => [MoveKind::AskForADay, MoveWhy::NoDayNamed],
                $awaited->from($site->today) !== null => [MoveKind::WaitForIt, MoveWhy::BookedFor],
                $awaited->thing === AwaitedThing::Hire => [MoveKind::AskAgain, MoveWhy::HireIsOver],
                default => [MoveKind::SayWhatCameOfIt, MoveWhy::WasBookedFor],
            };
            yield new Move(
                Phase::Clear, Fact::of($kind, thing: $awaited->thing), [Fact::of($why, thing: $awaited->thing, day: $awaited->until !== null && $why === MoveWhy::HireIsOver ? $awaited->until : $awaited->day, says: $awaited->says)],
                asks: EntryKind::Awaited,
            );
        }
    }

    /** A fill waits only where one could begin. */
    private function isNext(SiteState $site): bool
    {
        if ($this->before !== Task::Fill) {
            return true;
        }
        foreach (FillPosts::due($site) as $post) {
            return true;
        }

        return false;
    }
}
