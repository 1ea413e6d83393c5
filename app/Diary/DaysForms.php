<?php

declare(strict_types=1);

namespace App\Diary;

use Aequus\Days\Hands;
use Aequus\Days\Task;
use Aequus\Logbook\Diary\AwaitedState;
use Aequus\Logbook\Diary\AwaitedThing;
use Aequus\Measure\Temperature;
use Aequus\Measure\Unit;
use Aequus\Measure\WeatherNotation;
use Aequus\Site\SiteState;
use Aequus\Words\Diary\TaskWords;
use Aequus\Words\Names;
use App\Type\ClockTime;
use App\Type\Say;

/** What the forms beside the days ask and offer. */
final readonly class DaysForms
{
    /** Working hours, as they are typed. */
    public string $begins;

    public string $ends;

    private WeatherNotation $sky;

    private RateUnit $unit;

    public function __construct(private SiteState $site, public Hands $hands)
    {
        $this->sky = new WeatherNotation($site->plan->notation->unit);
        $this->unit = new RateUnit($site->plan->notation->unit);
        [$this->begins, $this->ends] = [ClockTime::of($hands->from), ClockTime::of($hands->to)];
    }

    /** @return list<array{int, string, bool}> the days of the week: number, name, whether they are off */
    public function week(): array
    {
        return array_map(fn (int $day) => [$day, Say::text("days.rest_{$day}"), in_array($day, $this->hands->calendar->restDays, true)], range(1, 7));
    }

    /** @return list<array{string, string, string}> how many come on single weekdays: field, label, and what was said; empty for as many as always */
    public function others(): array
    {
        return array_map(fn (int $day) => ["people_{$day}", Say::text("days.rest_{$day}"), (string) ($this->hands->others[$day] ?? '')], range(1, 7));
    }

    /** @return list<array{string, string, string}> how fast one is, kind by kind: field, label, and what was said; empty for the usual */
    public function rates(): array
    {
        return array_map(fn (Task $task) => ["rate_{$task->value}", Say::text(
            'days.rate_of', task: TaskWords::of($task), rate: $this->unit->said($task, $task->usualRate()),
        ), isset(
            $this->site->plan->hands?->rates[$task->value]) ? $this->unit->typed($task,
                $this->site->plan->hands->rates[$task->value]) : ''], Task::cases());
    }

    /** @return list<array{string, string, string}> the limits at which weather stops work: field, label with its unit, and what counts */
    public function limits(): array
    {
        $holds = $this->hands->holds;
        $degrees = Temperature::sign($this->site->plan->notation->unit);

        return [
            [
                'limit_pour', Say::text('days.limit_pour', unit: $degrees),
                Temperature::celsius($holds->pour)->typed($this->site->plan->notation->unit),
            ],
            [
                'limit_frost', Say::text('days.limit_frost', unit: $degrees),
                Temperature::celsius($holds->frost)->typed($this->site->plan->notation->unit),
            ],
            ['limit_rain', Say::text('days.limit_rain', unit: $this->sky->rainSign()), $this->sky->typedRain($holds->rain)],
            ['limit_gust', Say::text('days.limit_gust', unit: $this->sky->gustSign()), $this->sky->typedGust($holds->gust)],
            [
                'limit_kept', Say::text('days.limit_kept', unit: $degrees),
                (string) round(Temperature::spanFigure($holds->kept, $this->site->plan->notation->unit), 2),
            ],
        ];
    }

    public function today(): string
    {
        return $this->site->today;
    }

    /** @return array<string, string> what others bring, allow or look at, by what is sent */
    public function things(): array
    {
        return array_combine(
            array_column(AwaitedThing::cases(), 'value'), array_map(fn (AwaitedThing $thing) => Names::of($thing), AwaitedThing::cases()),
        );
    }

    /** @return array<string, string> */
    public function states(): array
    {
        return array_combine(
            array_column(AwaitedState::cases(), 'value'), array_map(fn (AwaitedState $state) => Names::of($state), AwaitedState::cases()),
        );
    }

    /** @return array<string, string> */
    public function tasks(): array
    {
        return array_combine(array_column(Task::cases(), 'value'), array_map(TaskWords::of(...), Task::cases()));
    }

    /** @return list<array{string, string}> of the weather somebody was told: field, and label with its unit */
    public function toldFields(): array
    {
        $degrees = Temperature::sign($this->site->plan->notation->unit);

        return [
            ['least', Say::text('days.told_least', unit: $degrees)], ['greatest', Say::text('days.told_greatest', unit: $degrees)],
            ['rain', Say::text('days.told_rain', unit: $this->sky->rainSign())],
            ['gust', Say::text('days.told_gust', unit: $this->sky->gustSign())], ['rain_from', Say::text('days.told_from')],
            ['rain_to', Say::text('days.told_to')],
        ];
    }
}
