<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\Light;
use Aequus\Days\Sun;
use Aequus\Days\Task;
use Aequus\Days\WeatherHold;
use Aequus\Days\WeatherHour;
use Aequus\Diary\Chance;
use Aequus\Diary\JobDays;
use Aequus\Diary\JobToDo;
use Aequus\Diary\ToDo;
use Aequus\Measure\Temperature;
use Aequus\Measure\WeatherNotation;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use Aequus\Words\Names;
use App\Exchange\CalendarEvent;
use App\Models\Job;
use App\Type\ClockTime;
use App\Type\DayName;
use App\Type\Say;
use App\World\WeatherStation;

/** A job as days: what is left, when it can be done, what it waits for, and what the weather does to it. */
final readonly class DaysPage
{
    /** Made-up years that are tried, and days of each. */
    private const YEARS = 200;

    private const LONGEST = 60;

    /** A week is always shown. */
    private const LEAST_SHOWN = 6;

    public Hands $hands;

    public Forecast $forecast;

    public JobDays $days;

    /** How sure that is; null where nobody asked. */
    public ?Chance $chance;

    public JobClock $clock;

    public Waits $waits;

    private WeatherNotation $sky;

    private RateUnit $unit;

    public function __construct(private SiteState $site, Job $job, WeatherStation $weather, bool $isChanceAsked = false)
    {
        $this->sky = new WeatherNotation($site->plan->notation->unit);
        $this->unit = new RateUnit($site->plan->notation->unit);
        $this->clock = $clock = new JobClock($site, $job, $weather);
        [$this->hands, $this->forecast] = [$clock->hands, $clock->forecast];
        $since = $clock->since(JobToDo::filledOn($site, $clock->zone));
        $this->days = JobDays::soonest($toDo = new JobToDo($site, $clock->zone, $since), $this->hands, $this->forecast, $clock->minute);
        $this->waits = new Waits($site, $this->days);
        $certain = $this->days->hands->heldBy(($site->plan->hands ?? JobClock::usual())->holds);
        $years = fn (): array => array_map(
            fn (int $year) => $clock->told->over($weather->year($year, $site->today, self::LONGEST, $job->place)), range(1, self::YEARS),
        );
        $this->chance = ! $isChanceAsked || $toDo->held !== null || $toDo->all === [] ? null
            : new Chance($toDo, $certain, $years(), $clock->minute, $clock->logged->of);
    }

    /** Whether there is anything to show: work that is left, or something that holds it. */
    public function hasDays(): bool
    {
        return $this->days->toDo->all !== [] || $this->days->toDo->held !== null;
    }

    /** What it all comes to, in words. */
    public function answer(): string
    {
        $toDo = $this->days->toDo;

        return match (true) {
            $toDo->waitsFor !== null => Say::text(
                'days.not_before_others', task: TaskWords::of($toDo->held ?? Task::Dig), thing: Names::of($toDo->waitsFor->thing),
            ),
            $toDo->held !== null => Say::text(
                'days.not_before', task: TaskWords::of($toDo->held), posts: array_map(fn (Post $post) => $post->label, $toDo->heldBy),
            ),
            $this->days->toDo->all === [] => Say::text('days.all_done'),
            $this->days->finished !== null => Say::text(
                'days.finished', day: $this->day(intdiv($this->days->finished, 1440)), time: ClockTime::of($this->days->finished),
            ),
            default => Say::text('days.beyond', task: $this->days->beyond === null ? '' : TaskWords::of($this->days->beyond), days: JobClock::KNOWN),
        };
    }

    /** @return list<string> how sure it is, in words; none where nobody asked */
    public function chances(): array
    {
        if ($this->chance === null) {
            return [];
        }
        $by = fn (?int $end, string $done, string $open): string => $end === null ? Say::text($open, days: self::LONGEST)
            : Say::text($done, day: $this->moment($end));

        return [
            Say::text('days.chance_years', count: $this->chance->years), $by($this->chance->half, 'days.chance_half', 'days.chance_half_open'),
            $by($this->chance->fourFifths, 'days.chance_most', 'days.chance_most_open'),
            ...($this->chance->never === 0 ? [] : [Say::text('days.chance_never', count: $this->chance->never, days: self::LONGEST)]),
        ];
    }

    /** @return list<string> what in the weather holds what does not get done, in words */
    public function heldBy(): array
    {
        return array_map(
            fn (WeatherHold $hold) => $hold === WeatherHold::ColdAtThePour
                ? Say::text('days.held_cold_at_the_pour', limit: $this->degrees($this->hands->holds->pour)) : Say::text("days.held_{$hold->value}"),
            array_values(array_filter($this->days->heldBy(), fn (WeatherHold $hold) => $hold !== WeatherHold::NotKnown)),
        );
    }

    /** Whether fewer are done sooner than all, in words; empty where not. */
    public function fewer(): string
    {
        return $this->days->hands->people < $this->hands->people
            ? Say::text('days.fewer', count: $this->days->hands->people, all: $this->hands->people) : '';
    }

    /** @return list<int> days on which something is done or waited for, from today; rest days in between with them */
    public function shown(): array
    {
        $last = max([0, ...array_map(fn (array $done) => intdiv($done[count($done) - 1]->ends() - 1, 1440), $this->days->planned)]);

        return range(0, min(JobClock::KNOWN - 1, max(self::LEAST_SHOWN, $last)));
    }

    public function day(int $day): string
    {
        return DayName::of($this->forecast->date($day));
    }

    public function isWorked(int $day): bool
    {
        return $this->hands->calendar->isWorked($this->forecast->date($day));
    }

    /** Least and greatest of a day. */
    public function warmth(int $day): string
    {
        return Say::text(
            'days.warmth', least: $this->degrees($this->forecast->days[$day]->least), greatest: $this->degrees($this->forecast->days[$day]->greatest),
        );
    }

    /** In the job’s own degrees. */
    public function degrees(float $celsius): string
    {
        return Temperature::celsius($celsius)->write($this->site->plan->notation->unit);
    }

    /** Rain in an hour, in the job’s own units. */
    public function rain(float $mm): string
    {
        return $this->sky->rain($mm);
    }

    public function gust(float $speed): string
    {
        return $this->sky->gust($speed);
    }

    /** Rain, gusts and thunder of a day, in words; empty where it is dry and still. */
    public function sky(int $day): string
    {
        $hours = $this->forecast->touched($day * 1440, ($day + 1) * 1440);
        $wet = array_keys(array_filter($hours, fn (WeatherHour $hour) => $hour->rain > 0.0));
        $gust = max([0.0, ...array_map(fn (WeatherHour $hour) => $hour->gust, $hours)]);

        return implode(' ', [
            ...($wet === [] ? [] : [Say::text('days.rain', from: sprintf('%d:00', $wet[0]), to: sprintf('%d:00', $wet[count($wet) - 1] + 1))]),
            ...($gust > $this->hands->holds->gust ? [Say::text('days.gusts', gust: $this->sky->gust($gust))] : []),
            ...(array_filter($hours, fn (WeatherHour $hour) => $hour->thunder) === [] ? [] : [Say::text('days.thunder')]),
        ]);
    }

    /** @return array{string, string} hours of rain and the strongest gusts of a day, as short as a drawing takes them; empty where there is none that matters */
    public function shortSky(int $day): array
    {
        $hours = $this->forecast->touched($day * 1440, ($day + 1) * 1440);
        $wet = array_keys(array_filter($hours, fn (WeatherHour $hour) => $hour->rain > 0.0));
        $gust = max([0.0, ...array_map(fn (WeatherHour $hour) => $hour->gust, $hours)]);

        return [
            $wet === [] ? '' : Say::text('days.short_rain', from: $wet[0], to: $wet[count($wet) - 1] + 1),
            $gust > $this->hands->holds->gust ? $this->sky->gust($gust) : '',
        ];
    }

    /** When the sun rises and sets; empty where nobody said where the site lies. */
    public function light(int $day): string
    {
        $sun = $this->sun($day);

        return match ($sun?->light) {
            null => '',
            Light::Rises => Say::text(
                'days.light', from: ClockTime::of((int) ceil($sun->rises ?? 0.0)), to: ClockTime::of((int) floor($sun->sets ?? 0.0)),
            ),
            Light::PolarDay => Say::text('days.polar_day'),
            Light::PolarNight => Say::text('days.polar_night'),
        };
    }

    public function sun(int $day): ?Sun
    {
        return $this->hands->place === null ? null : new Sun($this->forecast->date($day), $this->hands->place);
    }

    /** @return list<array{string, string}> what is done on a day: from and to, and what */
    public function done(int $day): array
    {
        return array_values(array_map(
            fn (array $one) => [ClockTime::of($one[0]).'–'.ClockTime::of($one[1]), TaskWords::of($one[2])], $this->stretches($day),
        ));
    }

    /** @return list<CalendarEvent> everything that is done, day by day: a task’s first day keeps its id when it moves */
    public function events(Job $job): array
    {
        $events = $counts = [];
        foreach ($this->shown() as $day) {
            foreach ($this->stretches($day) as [$from, $to, $task]) {
                $counts[$task->value] = ($counts[$task->value] ?? 0) + 1;
                $events[] = new CalendarEvent(
                    "job-{$job->id}-{$task->value}-{$counts[$task->value]}@aequus",
                    Say::text('days.event', task: TaskWords::of($task), job: $job->name), $job->place, $this->forecast->clock($from),
                    $this->forecast->clock($to),
                );
            }
        }

        return $events;
    }

    /** @return list<array{int, int, Task}> from when to when something is done on a day; half days of one task that follow each other are one */
    private function stretches(int $day): array
    {
        $done = [];
        foreach ($this->days->planned as $task => $works) {
            foreach ($works as $work) {
                foreach ($work->parts as [$from, $to]) {
                    if (intdiv($from, 1440) === $day && $to > $from) {
                        $done[] = [$from, $to, Task::from($task)];
                    }
                }
            }
        }
        usort($done, fn (array $a, array $b) => $a[0] <=> $b[0]);
        $joined = [];
        foreach ($done as [$from, $to, $task]) {
            $last = count($joined) - 1;
            $joined = $last >= 0 && $joined[$last][2] === $task && $joined[$last][1] === $from
                ? array_replace($joined, [$last => [$joined[$last][0], $to, $task]]) : [...$joined, [$from, $to, $task]];
        }

        return array_values($joined);
    }

    /** @return list<array{string, string, string, string}> what is left: its name, how many, how fast one person gets on with it, and whether the log told that */
    public function left(): array
    {
        return array_map(fn (ToDo $one) => [
            TaskWords::of($one->task), Say::text("days.left_{$one->task->value}", count: $one->pieces),
            $this->unit->said($one->task, $this->hands->rates[$one->task->value]),
            $this->clock->logged->of[$one->task->value]->isLearned ? Say::text('days.by_the_log') : '',
        ], $this->days->toDo->all);
    }

    public function moment(int $moment): string
    {
        return $this->day(intdiv($moment, 1440)).' '.ClockTime::of($moment);
    }
}
