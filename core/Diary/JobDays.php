<?php

declare(strict_types=1);

namespace Aequus\Diary;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Need;
use Aequus\Days\Planned;
use Aequus\Days\Schedule;
use Aequus\Days\Task;
use Aequus\Days\WeatherHold;
use Aequus\Days\Work;

/**
 * What is left of a job as days: each kind of work at the earliest time at which what comes before it is done, marks have run out, what was poured is
 * hard, people are free and no weather holds it. The order is that of the next move. A task that takes longer than a day is done in pieces of half a
 * day, as people would.
 */
final readonly class JobDays
{
    /** Quarter hours in one go: half a day. */
    private const HALF_A_DAY = 16;

    /** @var array<string, non-empty-list<Planned>> by the task, in its order */
    public array $planned;

    /** What is not done within the days whose weather is known; null where everything is. */
    public ?Task $beyond;

    private ?Work $open;

    /** When everything is done; null where the days known do not suffice, something holds it, or nothing is left. */
    public ?int $finished;

    /** @var ?array{int, int} from the end of the last fill until something is done on it; null where nothing sets */
    public ?array $wait;

    /** Hours of concrete’s wait at 20 °C that something waits for. */
    public float $cure;

    /**
     * @param  int  $now  minutes from the forecast’s first midnight
     */
    public function __construct(public JobToDo $toDo, public Hands $hands, public Forecast $forecast, public int $now)
    {
        $this->cure = $toDo->cure;
        $planned = [];
        $works = $byTask = [];
        foreach ($toDo->all as $one) {
            foreach ($this->pieces($one, $hands, $works) as $work) {
                $works[] = $work;
                $byTask[$work->name] = $one->task;
            }
        }
        $schedule = new Schedule($works, $hands, $forecast, $hands->holds, $now, true);
        foreach ($schedule->planned as $name => $done) {
            $planned[$byTask[$name]->value][] = $done;
        }
        $this->open = $schedule->open;
        $beyond = $this->open === null ? null : $byTask[$this->open->name];
        [$this->planned, $this->beyond] = [$planned, $beyond];
        $this->wait = $this->cure > 0.0 ? self::waitAfterTheFill($planned) : null;
        $this->finished = $beyond !== null || $toDo->held !== null || $planned === [] ? null
            : max(array_map(fn (array $done) => $done[count($done) - 1]->ends(), $planned));
    }

    /** @return list<WeatherHold> what in the weather holds what is not done within the days known, the most frequent first */
    public function heldBy(): array
    {
        return $this->open === null ? [] : Schedule::heldBy($this->open, $this->hands, $this->forecast, $this->hands->holds);
    }

    /** With all hands, or with fewer where that is done sooner: halves of days come out otherwise, or more are held up by the weather. */
    public static function soonest(JobToDo $toDo, Hands $hands, Forecast $forecast, int $now): self
    {
        $best = new self($toDo, $hands, $forecast, $now);
        for ($people = $hands->most() - 1; $people > 0; $people--) {
            $fewer = new self($toDo, $hands->only($people), $forecast, $now);
            $best = ($fewer->finished ?? PHP_INT_MAX) < ($best->finished ?? PHP_INT_MAX) ? $fewer : $best;
        }

        return $best;
    }

    /**
     * @param  array<string, non-empty-list<Planned>>  $planned
     * @return ?array{int, int}
     */
    private static function waitAfterTheFill(array $planned): ?array
    {
        $tasks = array_keys($planned);
        $at = array_search(Task::Fill->value, $tasks, true);
        $next = $at === false ? null : $tasks[$at + 1] ?? null;
        $fill = $planned[Task::Fill->value] ?? null;

        return $fill === null || $next === null ? null : [$fill[count($fill) - 1]->ends(), $planned[$next][0]->parts[0][0]];
    }

    /**
     * @param  list<Work>  $before
     * @return list<Work> in pieces of half a day where it can’t stop in between
     */
    private function pieces(ToDo $one, Hands $hands, array $before): array
    {
        $kind = $one->task->kind($this->toDo->isPoured);
        $people = max(1, $one->task->together($hands->most()));
        $rate = $hands->rates[$one->task->value] ?? $one->task->usualRate();
        $quarters = (int) ceil(4 * $one->amount / $rate / $people - 1e-9);
        $count = $kind->stops() ? 1 : max(1, (int) ceil($quarters / self::HALF_A_DAY));
        $last = $before === [] ? null : $before[count($before) - 1];
        $pieces = [];
        for ($i = 1; $i <= $count; $i++) {
            $needs = $i === 1 ? ($last === null ? [] : [$this->need($one->task, $last)]) : [new Need($one->task->value.' '.($i - 1))];
            $pieces[] = new Work(
                "{$one->task->value} {$i}", $kind, $one->amount / $count, $rate, $people, $needs, longBeam: $one->task === Task::BuildFrame,
                notBefore: $one->notBefore,
            );
        }

        return $pieces;
    }

    /** What is poured must be hard before braces come off, and so before all that follows. */
    private function need(Task $task, Work $last): Need
    {
        $isAfterThePour = str_starts_with($last->name, Task::Fill->value.' ') && $this->cure > 0.0;

        return $isAfterThePour && $task !== Task::Fill ? new Need($last->name, cure: $this->cure) : new Need($last->name);
    }
}
