<?php

declare(strict_types=1);

namespace Tests\Core\Days;

use Aequus\Days\CureWait;
use Aequus\Days\DaysRefused;
use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\HoldRules;
use Aequus\Days\LearnedRate;
use Aequus\Days\Need;
use Aequus\Days\NoticeDays;
use Aequus\Days\OnEarth;
use Aequus\Days\Planned;
use Aequus\Days\Schedule;
use Aequus\Days\Sun;
use Aequus\Days\WeatherHold;
use Aequus\Days\WeatherHour;
use Aequus\Days\Work;
use Aequus\Days\WorkCalendar;
use Aequus\Days\WorkKind;
use Aequus\Days\WorkWindow;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\ComparesAll;
use Tests\Told;
use Tests\Vectors;

/** Working days, daylight, temperatures, cure, holds, rates and schedules against independently computed cases. */
final class DaysVectorsTest extends TestCase
{
    use ComparesAll;

    /** Of what is told in minutes, radians, hours and degrees × hours. */
    private const WITHIN = [
        'noon_minutes' => 1.5, 'equation_of_time_minutes' => 1.5, 'sunrise_minutes' => 1.5, 'sunset_minutes' => 1.5, 'from_minutes' => 1.5, 'to_minutes' => 1.5, 'declination_rad' => 5e-4,
        'hours' => 1e-4, 'hour' => 1e-4, 'maturity' => 1e-3, 'degrees' => 1e-6, 'rate' => 1e-9, 'needed' => 1e-6,
    ];

    #[DataProvider('cases')]
    public function test_days_come_out_as_they_were_computed(array $input, mixed $expect): void
    {
        try {
            $got = match ($input['kind']) {
                'notice' => $this->notice($input),
                'working_days' => ['days' => (new WorkCalendar(holidays: $input['holidays']))->between($input['first'], $input['last'])],
                'sun' => $this->sun($input),
                'work_window' => $this->window($input),
                'temperatures' => ['degrees' => array_map(fn (string $at) => $this->forecast($input)->temperature($this->forecast($input)->moment($at)), $input['at'])],
                'cure' => $this->cure($input),
                'holds' => $this->holds($input),
                'learned_rate' => $this->rate($input),
                'schedule' => $this->schedule($input),
                default => $this->fail("Nobody works out {$input['kind']}."),
            };
        } catch (DaysRefused $refusal) {
            $this->assertNotNull($expect['refused'] ?? null, Told::refusal($refusal));
            foreach ($expect['must_name'] ?? [] as $name) {
                $this->assertStringContainsString($name, Told::refusal($refusal));
            }

            return;
        }
        $this->assertFalse(isset($expect['refused']), 'It was not refused.');
        foreach ($got as $name => $value) {
            $this->assertAlike($expect[$name], $value, $name);
        }
    }

    public static function cases(): Generator
    {
        foreach (['notice', 'working_days', 'sun', 'work_window', 'temperatures', 'cure', 'holds', 'learned_rate', 'schedule'] as $kind) {
            foreach (Vectors::of('days', $kind) as $name => $case) {
                yield "{$kind}: {$name}" => $case;
            }
        }
    }

    private function assertAlike(mixed $expect, mixed $got, string $name = ''): void
    {
        if (is_array($expect)) {
            $this->assertIsArray($got, $name);
            foreach ($expect as $key => $value) {
                $this->assertArrayHasKey($key, $got, $name);
                $this->assertAlike($value, $got[$key], is_int($key) ? $name : $key);
            }
            $this->assertTrue(! array_is_list($expect) || count($expect) === count($got), $name);
        } elseif (isset(self::WITHIN[$name]) && $expect !== null) {
            $this->assertEqualsWithDelta($expect, $got, self::WITHIN[$name], $name);
        } else {
            $this->assertEquals($expect, $got, $name);
        }
    }

    /** @return array<string, mixed> */
    private function notice(array $input): array
    {
        $holidays = $input['holidays'] ?? [];
        $notice = new NoticeDays(
            $input['asked_on'], $input['full_days'], new WorkCalendar($input['job_rest_days'] ?? [6, 7], $holidays), new WorkCalendar($input['office_rest_days'] ?? [6, 7], $holidays),
        );

        return ['counted' => $notice->counted, 'dig_from' => $notice->digFrom];
    }

    /** @return array<string, mixed> */
    private function sun(array $input): array
    {
        $sun = new Sun($input['on'], $this->place($input));

        return [
            'equation_of_time_minutes' => $sun->equationOfTime, 'declination_rad' => $sun->declination, 'noon_minutes' => $sun->noon, 'light' => $sun->light->value,
            'sunrise_minutes' => $sun->rises, 'sunset_minutes' => $sun->sets,
        ];
    }

    /** @return array<string, mixed> */
    private function window(array $input): array
    {
        $sun = new Sun($input['on'], $this->place($input));
        $window = new WorkWindow($input['crew_from_minutes'], $input['crew_to_minutes'], $sun);

        return ['light' => $sun->light->value, 'open' => $window->isOpen, 'from_minutes' => $window->from, 'to_minutes' => $window->to];
    }

    /** @return array<string, mixed> */
    private function cure(array $input): array
    {
        $forecast = $this->forecast($input);
        $told = function (Forecast $forecast) use ($input): array {
            $start = $forecast->moment($input['start']);
            $wait = new CureWait($forecast, $start, $input['wait_hours_at_20']);

            return $wait->ends === null ? ['ends' => false, 'maturity' => $wait->maturity]
                : ['ends' => true, 'hours' => ($wait->ends - $start) / 60, 'date' => $forecast->date((int) floor($wait->ends / 1440)), 'hour' => fmod($wait->ends, 1440) / 60];
        };

        return [
            'needed' => (new CureWait($forecast, $forecast->moment($input['start']), $input['wait_hours_at_20']))->needed, 'as_forecast' => $told($forecast),
            'nights_5_colder' => $told($forecast->withColderNights(5.0)),
        ];
    }

    /** @return array<string, mixed> */
    private function holds(array $input): array
    {
        $forecast = $this->forecast($input);
        $holds = array_map(fn (WeatherHold $hold) => $hold->value, (new HoldRules)->at($this->work($input['work'] + ['name' => 'it', 'amount' => 1, 'rate' => 1]), $forecast->moment($input['start']), $forecast->moment($input['end']), $forecast));
        sort($holds);

        return ['holds' => $holds];
    }

    /** @return array<string, mixed> */
    private function rate(array $input): array
    {
        $rate = new LearnedRate($input['typed'], array_map(fn (array $one) => [(float) $one['amount'], (float) $one['person_hours']], $input['logged']));

        return ['rate' => $rate->rate, 'learned' => $rate->isLearned];
    }

    /** @return array<string, mixed> */
    private function schedule(array $input): array
    {
        $forecast = $this->forecast($input);
        $crew = new Hands(
            $input['people'], $input['crew_from_minutes'], $input['crew_to_minutes'], new WorkCalendar($input['rest_days'] ?? [6, 7], $input['holidays'] ?? []),
            isset($input['place']) ? $this->place($input['place']) : null,
        );
        $schedule = new Schedule(array_map($this->work(...), $input['work']), $crew, $forecast);

        return ['work' => array_values(array_map(fn (Planned $one) => [
            'work' => $one->work->name, 'quarters' => $one->work->quarters, 'parts' => array_map(fn (array $part) => array_map($forecast->clock(...), $part), $one->parts),
        ], $schedule->planned)), 'finished' => $forecast->clock($schedule->finished())];
    }

    private function work(array $work): Work
    {
        return new Work(
            $work['name'], WorkKind::from($work['kind']), (float) $work['amount'], (float) $work['rate'], $work['people'] ?? 1,
            array_map(fn (array $need) => new Need($need['work'], (float) ($need['lag_hours'] ?? 0), $need['cure_hours_at_20'] ?? null), $work['needs'] ?? []),
            $work['open_tube'] ?? false, $work['long_beam'] ?? false, $work['inside'] ?? false, $work['not_before'] ?? null,
        );
    }

    private function place(array $input): OnEarth
    {
        return new OnEarth($input['latitude_deg'], $input['longitude_deg'], $input['utc_offset_minutes']);
    }

    private function forecast(array $input): Forecast
    {
        $hours = [];
        foreach ($input['hours'] ?? [] as $hour) {
            $hours[$hour['day'] * 24 + $hour['hour']] = new WeatherHour($hour['rain'] ?? 0.0, $hour['gust'] ?? 0.0, $hour['thunder'] ?? false);
        }

        return new Forecast($input['first_day'], array_map(fn (array $day) => new DayWarmth($day['least'], $day['greatest']), $input['days']), $hours);
    }
}
