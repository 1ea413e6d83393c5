<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Days\Task;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Plan\Posts\Post;

/** What others still have to bring, allow or look at, by the last word on each. */
final readonly class Outstanding
{
    /** @var array<string, Awaited> by the thing: what was last said of it */
    public array $last;

    /** @var list<Awaited> what work waits for today */
    public array $open;

    public function __construct(SiteState $site)
    {
        $last = [];
        foreach ($site->log->now(Awaited::class) as $said) {
            $last[$said->thing->value] = $said;
        }
        $this->last = $last;
        $this->open = array_values(array_filter($last, fn (Awaited $one) => $one->isOpen($site->today) && ! self::isMoot($site, $one->thing)));
    }

    /** @return list<Awaited> what a kind of work waits for, what nobody named a day for first, then the latest */
    public function before(Task $task, string $today): array
    {
        $before = array_values(array_filter($this->open, fn (Awaited $one) => $one->thing->holds() === $task));
        usort($before, fn (Awaited $a, Awaited $b) => ($b->from($today) ?? '9') <=> ($a->from($today) ?? '9'));

        return $before;
    }

    /** The hire that runs or is booked; null where none is. */
    public function hire(): ?Awaited
    {
        $hire = $this->last[AwaitedThing::Hire->value] ?? null;

        return $hire?->state === AwaitedState::Booked ? $hire : null;
    }

    /** Whether it was seen to in another way: an inspection that was ticked off before the pour, or nothing is left that waits for it. */
    private static function isMoot(SiteState $site, AwaitedThing $thing): bool
    {
        $unfilled = array_filter($site->plan->grid->posts, fn (Post $post) => ! $site->isFilled($post));

        return match ($thing) {
            AwaitedThing::BeforeTheFill => array_filter(
                $unfilled, fn (Post $post) => ! ReadyToPour::isSeen($site, ReadyItem::Inspected, $post),
            ) === [],
            AwaitedThing::Concrete => $unfilled === [],
            AwaitedThing::Permit, AwaitedThing::Hire => array_filter(
                $site->plan->grid->posts, fn (Post $post) => $site->footing->asDug($post) === null && ! $site->standing($post)->set,
            ) === [],
            AwaitedThing::Posts => array_filter($site->plan->grid->posts, fn (Post $post) => ! $site->standing($post)->set) === [],
            AwaitedThing::AfterTheFill, AwaitedThing::Timber => false,
        };
    }
}
