<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Planned;
use Aequus\Days\Task;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;

/** Whom to call, once the work falls on other days than what was promised to others. */
final readonly class Calls
{
    private const DAY = 1440;

    /** @var list<Call> in the order of the work that waits for them */
    public array $all;

    /** @param  string  $today  as YYYY-MM-DD */
    public function __construct(private JobDays $days, private string $today)
    {
        $hire = $days->toDo->outstanding->hire();
        $open = $days->toDo->outstanding->open;
        $all = $hire === null || in_array($hire, $open, false) ? $open : [$hire, ...$open];
        $isFirst = fn (Awaited $one, Awaited $other): bool => $this->days->toDo->comesBefore($one->thing->holds(), $other->thing->holds());
        usort($all, fn (Awaited $one, Awaited $other) => $isFirst($other, $one) <=> $isFirst($one, $other));
        $this->all = array_values(array_filter(array_map($this->of(...), $all)));
    }

    /** Null where it may come as it is booked. */
    private function of(Awaited $one): ?Call
    {
        $from = $one->from($this->today);
        $begins = $this->begins($one->thing);
        if ($one->thing === AwaitedThing::Hire && $one->state === AwaitedState::Booked) {
            return $this->ofHire($one, $from);
        }
        if ($one->state !== AwaitedState::Booked || $from === null) {
            return new Call($one, CallFor::ADay, $begins);
        }
        if ($begins === null) {
            return new Call($one, CallFor::Off, null);
        }
        $booked = $one->time === null ? $this->days->forecast->moment("{$one->day}T00:00") + $this->days->hands->from
            : $this->days->forecast->moment($from);

        return match (true) {
            // What is delivered to lie there until it is wanted comes too early for nobody.
            $begins > $booked => in_array($one->thing, [AwaitedThing::Permit, AwaitedThing::Posts, AwaitedThing::Timber], true) ? null
                : new Call($one, CallFor::Later, $begins),
            $begins + self::DAY <= $booked => new Call($one, CallFor::Sooner, $begins),
            default => null,
        };
    }

    private function ofHire(Awaited $hire, ?string $from): ?Call
    {
        $dig = $this->days->planned[Task::Dig->value] ?? null;
        if ($dig === null) {
            return $from === null || $this->isDug() ? null : new Call($hire, CallFor::Off, null);
        }
        $last = $dig[count($dig) - 1]->ends();
        $first = $dig[0]->parts[0][0];

        return match (true) {
            $this->days->forecast->date(intdiv($last - 1, self::DAY)) > (string) $hire->until => new Call($hire, CallFor::Longer, $last),
            $from !== null && $first - $this->days->forecast->moment($from) >= self::DAY => new Call($hire, CallFor::Later, $first),
            default => null,
        };
    }

    private function isDug(): bool
    {
        return array_filter($this->days->toDo->all, fn (ToDo $one) => $one->task === Task::Dig) === [] && $this->days->toDo->held === null;
    }

    /**
     * When all is done that comes before what it is for; concrete is wanted when its fill begins, which the weather may put off. Today’s hour where
     * that is done already, null where it does not come about within the days that are known.
     */
    private function begins(AwaitedThing $thing): ?int
    {
        $task = $thing->holds();
        $planned = $this->days->planned[$task->value] ?? null;
        if ($thing === AwaitedThing::Concrete && $planned !== null) {
            return $planned[0]->parts[0][0];
        }
        $ends = 0;
        foreach ($this->days->toDo->all as $one) {
            if (! $this->days->toDo->comesBefore($one->task, $task)) {
                continue;
            }
            $works = $this->days->planned[$one->task->value] ?? [];
            $isWhole = $works !== [] && $one->task !== $this->days->beyond;
            if (! $isWhole) {
                return null;
            }
            $ends = max($ends, ...array_map(fn (Planned $done) => $done->ends(), $works));
        }
        $isHeldBefore = $this->days->toDo->held !== null && $this->days->toDo->comesBefore($this->days->toDo->held, $task);

        return $isHeldBefore ? null : max($ends, $this->days->now);
    }
}
