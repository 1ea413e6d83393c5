<?php

declare(strict_types=1);

namespace App\Http\Requests\Plans;

use Aequus\Days\Hands;
use Aequus\Days\HoldRules;
use Aequus\Days\OnEarth;
use Aequus\Days\Task;
use Aequus\Days\WorkCalendar;
use Aequus\Measure\Temperature;
use Aequus\Measure\WeatherNotation;
use Aequus\Plan\Plan;
use App\Diary\RateUnit;
use App\Type\Say;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;

/** Who works on a job, from when to when, on which days, and where the sun rises for them. */
final class HandsRequest extends PlanChangeRequest
{
    private const MOST_PEOPLE = 12;

    /** Of anything in an hour. */
    private const FASTEST = 1000;

    /** @throws ValidationException with each refusal at its field */
    public function hands(Plan $plan): Hands
    {
        $people = $this->text('people');
        if (! ctype_digit($people) || (int) $people < 1 || (int) $people > self::MOST_PEOPLE) {
            $this->refuse('people', Say::text('frame.a_number', least: 1, most: self::MOST_PEOPLE));
        }
        [$from, $to] = [$this->minutes('from'), $this->minutes('to')];
        if ($from !== null && $to !== null && $to <= $from) {
            $this->refuse('to', Say::text('days.ends_before_it_begins'));
        }
        $rest = array_values(array_filter(range(1, 7), fn (int $day) => $this->boolean("rest_{$day}")));
        if (count($rest) === 7) {
            $this->refuse('rest_1', Say::text('days.works_never'));
        }
        $others = $this->others($plan);
        [$holidays, $place, $rates, $holds] = [$this->holidays(), $this->place(), $this->rates($plan), $this->holds($plan)];
        $this->stopIfRefused();

        return new Hands((int) $people, $from ?? 0, $to ?? 0, new WorkCalendar($rest, $holidays), $place, $rates, $holds, $others);
    }

    /** After midnight; null where it was refused. */
    private function minutes(string $field): ?int
    {
        if (preg_match('/^([01]?\d|2[0-3])[:.]([0-5]\d)$/', $this->text($field), $found) !== 1) {
            $this->refuse($field, Say::text('days.no_time'));

            return null;
        }

        return 60 * (int) $found[1] + (int) $found[2];
    }

    /** @return list<string> as YYYY-MM-DD */
    private function holidays(): array
    {
        $days = [];
        foreach (preg_split('/[\s,;]+/', $this->text('holidays'), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $typed) {
            $day = DateTimeImmutable::createFromFormat('!Y-m-d', $typed);
            if ($day === false || $day->format('Y-m-d') !== $typed) {
                $this->refuse('holidays', Say::text('days.no_holiday', typed: $typed));
            }
            $days[] = $typed;
        }

        return array_values(array_unique($days));
    }

    /** @return array<int, int> on single weekdays, where another number was typed; what this form did not show stays as it is */
    private function others(Plan $plan): array
    {
        if (! $this->has('people_1')) {
            return $plan->hands->others ?? [];
        }
        $others = [];
        foreach (range(1, 7) as $day) {
            $typed = $this->text("people_{$day}");
            if ($typed !== '' && (! ctype_digit($typed) || (int) $typed > self::MOST_PEOPLE)) {
                $this->refuse("people_{$day}", Say::text('frame.a_number', least: 0, most: self::MOST_PEOPLE));
            } elseif ($typed !== '') {
                $others[$day] = (int) $typed;
            }
        }

        return $others;
    }

    /** What this form did not show stays as it is. */
    private function holds(Plan $plan): HoldRules
    {
        $now = $plan->hands->holds ?? new HoldRules;
        if (! $this->has('limit_pour')) {
            return $now;
        }
        $units = new WeatherNotation($plan->notation->unit);
        $degrees = [];
        foreach (['limit_pour' => $now->pour, 'limit_frost' => $now->frost] as $field => $was) {
            $read = Temperature::read($this->text($field), $plan->notation->unit);
            if ($read === null) {
                $this->refuse($field, Say::text('days.no_temperature'));
            }
            $degrees[] = $read->celsius ?? $was;
        }
        $figures = [];
        foreach (['limit_rain', 'limit_gust', 'limit_kept'] as $field) {
            $figures[$field] = $this->decimal($field, Say::text('days.no_figure')) ?? 0.0;
            if ($figures[$field] < 0.0) {
                $this->refuse($field, Say::text('days.limit_colder'));
            }
        }
        $kept = Temperature::spanOf($figures['limit_kept'], $plan->notation->unit);

        return new HoldRules($degrees[0], $degrees[1], $units->rainOf($figures['limit_rain']), $units->gustOf($figures['limit_gust']), $kept);
    }

    /** @return array<string, float> by task, where one was typed */
    private function rates(Plan $plan): array
    {
        $rates = [];
        $unit = new RateUnit($plan->notation->unit);
        foreach (Task::cases() as $task) {
            $typed = str_replace(',', '.', $this->text("rate_{$task->value}"));
            if ($typed !== '' && (! is_numeric($typed) || (float) $typed <= 0.0 || (float) $typed > self::FASTEST)) {
                $this->refuse("rate_{$task->value}", Say::text('days.no_rate', most: self::FASTEST));
            } elseif ($typed !== '') {
                $rates[$task->value] = $unit->read($task, (float) $typed);
            }
        }

        return $rates;
    }

    /** Null where nobody said, so that daylight does not count. */
    private function place(): ?OnEarth
    {
        [$latitude, $longitude] = [$this->text('latitude'), $this->text('longitude')];
        if ($latitude === '' && $longitude === '') {
            return null;
        }
        foreach (['latitude' => 90.0, 'longitude' => 180.0] as $field => $most) {
            $typed = str_replace(',', '.', $this->text($field));
            if (! is_numeric($typed) || abs((float) $typed) > $most) {
                $this->refuse($field, Say::text('days.no_degrees', most: (int) $most));
            }
        }

        return new OnEarth((float) str_replace(',', '.', $latitude), (float) str_replace(',', '.', $longitude), 0);
    }
}
