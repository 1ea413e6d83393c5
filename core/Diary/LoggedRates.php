<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\LearnedRate;
use Aequus\Days\Task;
use Aequus\Logbook\Cut\PostCut;
use Aequus\Logbook\Diary\HoursWorked;
use Aequus\Logbook\Footing\HoleDug;
use Aequus\Logbook\Frame\MembersUp;
use Aequus\Logbook\Kind\Payload;
use Aequus\Logbook\Level\RodReading;
use Aequus\Logbook\Set\FillStep;
use Aequus\Logbook\Set\PostFilled;
use Aequus\Logbook\Set\PostSet;
use Aequus\Site\SiteState;
use DateTimeZone;

/** How fast people are on this job: usual figures, what was said, and from three days on what the log tells. */
final readonly class LoggedRates
{
    /** @var array<string, LearnedRate> by the task */
    public array $of;

    /** @param  array<string, float>  $said  of one person in an hour, by the task */
    public function __construct(private SiteState $site, array $said, private DateTimeZone $zone)
    {
        $days = $logged = [];
        foreach ($site->log->now(HoursWorked::class) as $worked) {
            $day = $days[$worked->task->value][$worked->day] ?? [0.0, 0.0, false];
            $days[$worked->task->value][$worked->day] = [
                $day[0] + ($worked->amount ?? 0.0), $day[1] + $worked->personHours(), $day[2] || $worked->amount === null,
            ];
        }
        foreach ($days as $task => $each) {
            foreach ($each as $day => [$amount, $hours, $isByTheBook]) {
                $amount += $isByTheBook ? $this->done(Task::from($task), $day) : 0.0;
                // Hours for which the book has nothing tell no rate.
                $logged[$task] = $amount > 0.0 ? [...$logged[$task] ?? [], [$amount, $hours]] : $logged[$task] ?? [];
            }
        }
        $rates = [];
        foreach (Task::cases() as $task) {
            $rates[$task->value] = new LearnedRate($said[$task->value] ?? $task->usualRate(), $logged[$task->value] ?? []);
        }
        $this->of = $rates;
    }

    /** @return array<string, float> of one person in an hour, by the task */
    public function rates(): array
    {
        return array_map(fn (LearnedRate $rate) => $rate->rate, $this->of);
    }

    /** What the book has of a kind of work on a day, in what its rate counts. */
    public function done(Task $task, string $day): float
    {
        $amount = 0.0;
        foreach ($this->entries($task) as $sequence => $payload) {
            if ($this->site->log->entries[$sequence]->measuredAt()->setTimezone($this->zone)->format('Y-m-d') === $day) {
                $amount += $this->amount($task, $payload);
            }
        }

        return $amount;
    }

    /** @return array<int, Payload> */
    private function entries(Task $task): array
    {
        $log = $this->site->log;

        return match ($task) {
            Task::Stake => [],
            Task::ReadGround => $log->now(RodReading::class),
            Task::Dig => $log->now(HoleDug::class),
            Task::SetPosts => $log->now(PostSet::class),
            Task::Fill, Task::TakeBracesOff => $log->now(PostFilled::class),
            Task::CutTops => $log->now(PostCut::class),
            Task::BuildFrame => $log->now(MembersUp::class),
        };
    }

    private function amount(Task $task, Payload $payload): float
    {
        $isPoured = $payload instanceof PostFilled && $this->site->plan->holdOf($payload->post)->isPoured();

        return match (true) {
            $payload instanceof HoleDug => DigWork::of($payload->depth, $payload->soils, $this->site->plan->holding?->site->soil),
            $payload instanceof MembersUp => (float) ($payload->to - $payload->from + 1),
            $payload instanceof PostFilled => match (true) {
                $task === Task::TakeBracesOff => $payload->step === FillStep::Stripped ? 1.0 : 0.0,
                $payload->step !== FillStep::Done => 0.0,
                default => $isPoured ? (float) ($payload->bags ?? 0) : 1.0,
            },
            default => 1.0,
        };
    }
}
