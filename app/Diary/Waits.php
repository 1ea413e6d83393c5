<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\CureWait;
use Aequus\Days\Task;
use Aequus\Diary\Call;
use Aequus\Diary\CallFor;
use Aequus\Diary\Calls;
use Aequus\Diary\JobDays;
use Aequus\Diary\ToDo;
use Aequus\Logbook\Diary\Awaited;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Measure\Temperature;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use Aequus\Words\Names;
use App\Exchange\CalendarEvent;
use App\Models\Job;
use App\Type\ClockTime;
use App\Type\DayName;
use App\Type\Say;

/** What a job waits for: marks, what others bring or look at, concrete that ripens; in words, and for a calendar. */
final readonly class Waits
{
    public function __construct(private SiteState $site, private JobDays $days)
    {
    }

    /** @return list<string> in words */
    public function said(): array
    {
        $wait = $this->days->wait;
        $notice = $this->notice();

        return [
            ...($this->days->toDo->asksForMarks ? [Say::text('days.ask_marks', day: DayName::of($this->days->toDo->digFrom()))] : []),
            ...array_map($this->awaited(...), $this->days->toDo->outstanding->open),
            ...$this->hire(),
            ...($notice === null ? [] : [Say::text('days.wait_marks', day: DayName::of($notice))]),
            ...$this->meanwhile(),
            ...($wait === null ? [] : [
                Say::text(
                    'days.wait_cure', from: $this->moment($wait[0]), to: $this->moment($wait[1]), hours: (string) round($this->days->cure),
                    degrees: Temperature::celsius(CureWait::AT)->write($this->site->plan->notation->unit),
                ),
            ]),
        ];
    }

    /** @return list<string> whom to call, and what for, in words */
    public function calls(): array
    {
        return array_map(fn (Call $call) => Say::text(
            $call->for === CallFor::ADay && $call->from === null ? 'days.call_a_day_open' : "days.call_{$call->for->value}",
            thing: ucfirst(Names::of($call->of->thing)), day: DayName::of($call->of->until ?? $call->of->day),
            from: $call->from === null ? '' : $this->moment($call->from),
        ), (new Calls($this->days, $this->site->today))->all);
    }

    /** @return list<CalendarEvent> each with an id of its own that stays when it moves */
    public function events(Job $job): array
    {
        $event = fn (string $id, string $says, string $from, string $to): CalendarEvent => new CalendarEvent(
            "job-{$job->id}-{$id}@aequus", Say::text('days.event_wait', what: $says, job: $job->name), $job->place, $from, $to,
        );
        $events = [];
        foreach ($this->days->toDo->outstanding->open as $one) {
            $from = $one->from($this->site->today);
            if ($from !== null) {
                $until = $one->until !== null ? "{$one->until}T23:59" : $this->days->forecast->clock($this->days->forecast->moment($from) + 60);
                $events[] = $event("wait-{$one->thing->value}", Names::of($one->thing), $from, $until);
            }
        }
        $notice = $this->notice();
        $wait = $this->days->wait;

        return [
            ...$events, ...($notice === null ? [] : [$event('wait-marks', Say::text('days.event_marks'), "{$notice}T00:00", "{$notice}T00:15")]),
            ...($wait === null ? [] : [$event(
                'wait-cure', Say::text('days.event_cure'), $this->days->forecast->clock($wait[0]), $this->days->forecast->clock($wait[1]),
            )]),
        ];
    }

    /** @return list<string> what can be done while others are waited for, or concrete ripens */
    private function meanwhile(): array
    {
        $all = $this->days->toDo->all;
        $first = $this->days->toDo->held ?? Task::Dig;
        $isWaiting = $this->days->toDo->asksForMarks || $this->notice() !== null || $this->days->toDo->outstanding->open !== [];
        $before = $isWaiting ? array_filter($all, fn (ToDo $one) => $this->days->toDo->comesBefore($one->task, $first)) : [];
        $frame = array_values(array_filter($all, fn (ToDo $one) => $one->task === Task::BuildFrame))[0] ?? null;
        $tasks = [
            ...array_values(array_map(
                fn (ToDo $one) => TaskWords::of($one->task).', '.Say::text("days.left_{$one->task->value}", count: $one->pieces), $before,
            )),
            ...($frame === null || (! $isWaiting && $this->days->wait === null) ? [] : [Say::text('days.meanwhile_frame', count: $frame->pieces)]),
        ];

        return $tasks === [] ? [] : [Say::text('days.meanwhile', tasks: implode('; ', $tasks))];
    }

    /** The day marks run out; null where that is over, or nobody asked. */
    private function notice(): ?string
    {
        $notice = $this->site->clear->notice?->runsOut;

        return $notice !== null && $notice > $this->site->today ? $notice : null;
    }

    private function awaited(Awaited $one): string
    {
        $parts = ['thing' => ucfirst(Names::of($one->thing)), 'day' => DayName::of($one->day), 'task' => TaskWords::of($one->thing->holds())];
        $from = $one->from($this->site->today);

        return match (true) {
            $one->state === AwaitedState::Failed => Say::text('days.others_failed', ...$parts, says: $one->says === '' ? '' : "“{$one->says}”"),
            $one->state === AwaitedState::Asked => Say::text('days.others_asked', ...$parts),
            $from === null => Say::text('days.others_over', ...$parts),
            $one->until !== null => Say::text('days.others_hire', ...$parts, until: DayName::of($one->until)),
            default => Say::text('days.others_booked', ...$parts, time: ClockTime::of($this->days->forecast->moment($from))),
        };
    }

    /** @return list<string> whether what is on hire is there long enough; none where nothing is */
    private function hire(): array
    {
        $hire = $this->days->toDo->outstanding->hire();
        $dig = $this->days->planned[Task::Dig->value] ?? null;
        if ($hire === null || $dig === null || $hire->until === null) {
            return [];
        }
        $done = $this->days->forecast->date(intdiv($dig[count($dig) - 1]->ends() - 1, 1440));

        return [
            Say::text(
                $done <= $hire->until ? 'days.hire_is_enough' : 'days.hire_is_short', until: DayName::of($hire->until), done: DayName::of($done),
            ),
        ];
    }

    private function moment(int $moment): string
    {
        return DayName::of($this->days->forecast->date(intdiv($moment, 1440))).' '.ClockTime::of($moment);
    }
}
