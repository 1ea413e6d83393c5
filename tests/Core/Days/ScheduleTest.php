<?php

declare(strict_types=1);

namespace Tests\Core\Days;

use Aequus\Days\CureWait;
use Aequus\Days\DaysRefusal;
use Aequus\Days\DaysRefused;
use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\HoldRules;
use Aequus\Days\Need;
use Aequus\Days\OnEarth;
use Aequus\Days\Planned;
use Aequus\Days\Schedule;
use Aequus\Days\WeatherHold;
use Aequus\Days\WeatherHour;
use Aequus\Days\Work;
use Aequus\Days\WorkCalendar;
use Aequus\Days\WorkKind;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of every schedule, whatever the weather: seeded weeks of sun, rain, gusts and frost. */
final class ScheduleTest extends TestCase
{
    /** Seed 1741: nothing is done under a hold, before what it needs, outside the hours, by more people than there are, or for another time than it takes. */
    public function test_no_schedule_breaks_a_hold_or_a_wait(): void
    {
        $dice = new Randomizer(new Mt19937(1741));
        $planned = 0;
        for ($round = 0; $round < 60; $round++) {
            $forecast = $this->weather($dice, 40);
            $crew = new Hands($dice->getInt(1, 3), 450, 1020, new WorkCalendar([7]));
            try {
                $schedule = new Schedule($works = $this->works($dice, $crew->people), $crew, $forecast, $rules = new HoldRules);
            } catch (DaysRefused) {
                continue;
            }
            $planned++;
            $busy = [];
            foreach ($schedule->planned as $one) {
                $this->assertSame($one->work->quarters * 15, array_sum(array_map(fn (array $part) => $part[1] - $part[0], $one->parts)));
                foreach ($one->parts as [$from, $to]) {
                    $this->assertSame([], $rules->at($one->work, $from, $to, $forecast), $one->work->name);
                    for ($at = $from; $at < $to; $at += 15) {
                        $busy[$at] = ($busy[$at] ?? 0) + $one->work->people;
                        $this->assertTrue($at % 1440 >= 450 && $at % 1440 < 1020 && $crew->calendar->isWorked($forecast->date(intdiv($at, 1440))));
                    }
                }
                foreach ($one->work->needs as $need) {
                    $ready = $need->cure === null ? $schedule->planned[$need->work]->ends() + 60 * $need->lag : (new CureWait($forecast, $schedule->planned[$need->work]->ends(), $need->cure))->ends;
                    $this->assertGreaterThanOrEqual($ready, $one->parts[0][0]);
                }
                $this->assertTrue($one->work->kind->stops() || count($one->parts) === 1);
            }
            $this->assertLessThanOrEqual($crew->people, max($busy));
            $this->assertCount(count($works), $schedule->planned);
        }
        $this->assertGreaterThan(40, $planned, 'most of these weeks suffice');
    }

    /** Seed 1742: colder nights never end a wait earlier, and blankets never end it later. */
    public function test_colder_is_never_sooner(): void
    {
        $dice = new Randomizer(new Mt19937(1742));
        for ($round = 0; $round < 200; $round++) {
            $forecast = $this->weather($dice, 20);
            $start = $dice->getInt(0, 5 * 1440);
            $end = fn (Forecast $weather, float $kept = 0.0): float => (new CureWait($weather, $start, 24.0, kept: $kept))->ends ?? INF;
            $this->assertGreaterThanOrEqual($end($forecast), $end($forecast->withColderNights($dice->getInt(1, 80) / 10)));
            $this->assertLessThanOrEqual($end($forecast), $end($forecast, 5.0));
        }
    }

    /** Seed 1743: where every work takes all who are there, one more of them never finishes later. */
    public function test_more_hands_never_finish_later_where_all_work_together(): void
    {
        $dice = new Randomizer(new Mt19937(1743));
        $mild = new Forecast('2031-05-05', array_fill(0, 60, new DayWarmth(8.0, 18.0)));
        for ($round = 0; $round < 60; $round++) {
            $amounts = array_map(fn () => $dice->getInt(1, 6), range(1, 5));
            $finished = fn (int $people): int => (new Schedule(array_map(
                fn (int $amount, int $i) => new Work("work {$i}", $i === 0 ? WorkKind::Dig : WorkKind::Other, $amount, 0.8, $people, $i === 0 ? [] : [new Need('work '.($i - 1))]), $amounts, array_keys($amounts),
            ), new Hands($people, 450, 1020), $mild))->finished();
            foreach ([1, 2, 3] as $people) {
                $this->assertLessThanOrEqual($finished($people), $finished($people + 1));
            }
        }
    }

    /** Digging waits out the thunder and the night; it never begins only to stand idle for want of people. */
    public function test_digging_goes_on_after_nights_and_weather_but_waits_for_nobody(): void
    {
        $hours = [10 => new WeatherHour(thunder: true)];
        $forecast = new Forecast('2031-05-05', array_fill(0, 5, new DayWarmth(8.0, 18.0)), $hours);
        $works = [new Work('raise', WorkKind::Other, 2, 1.0, 2, notBefore: '2031-05-06'), new Work('dig', WorkKind::Dig, 9, 1.0)];
        $dig = (new Schedule($works, new Hands(2, 450, 1020), $forecast))->planned['dig'];
        // Nine hours do not end on Monday for the thunder, and on Tuesday both are needed first: it begins when they are free.
        $this->assertSame(['2031-05-06T08:30', '2031-05-07T07:30'], array_map(fn (array $part) => $forecast->clock($part[0]), $dig->parts));
        $alone = (new Schedule([$works[1]], new Hands(1, 450, 1020), $forecast))->planned['dig'];
        $this->assertSame([['2031-05-05T07:30', '2031-05-05T10:00'], ['2031-05-05T11:00', '2031-05-05T17:00'], ['2031-05-06T07:30', '2031-05-06T08:00']], $this->clocks($alone, $forecast));
    }

    public function test_what_can_not_be_done_is_refused(): void
    {
        $forecast = new Forecast('2031-05-05', [new DayWarmth(8.0, 18.0), new DayWarmth(8.0, 18.0)]);
        foreach ([
            [DaysRefusal::MorePeopleThanThereAre, fn () => new Schedule([new Work('lift', WorkKind::Beam, 1, 1.0, 3)], new Hands(2, 450, 1020), $forecast)],
            [DaysRefusal::WithoutRate, fn () => new Work('dig', WorkKind::Dig, 1, 0.0)], [DaysRefusal::WithoutRate, fn () => new Work('dig', WorkKind::Dig, 1, 1.0, 0)],
            [DaysRefusal::LeastAboveGreatest, fn () => new DayWarmth(4.0, 3.0)],
            [DaysRefusal::NotWithinTheDaysKnown, fn () => new Schedule([new Work('pour', WorkKind::Pour, 1, 1.0, notBefore: '2031-05-06')], new Hands(2, 450, 1020), $forecast)],
        ] as [$why, $act]) {
            try {
                $act();
                $this->fail($why->name);
            } catch (DaysRefused $refused) {
                $this->assertSame($why, $refused->fact->is);
            }
        }
    }

    public function test_in_the_polar_night_nobody_works_and_in_the_polar_day_all_hours_count(): void
    {
        $hands = new Hands(1, 450, 1020, new WorkCalendar, new OnEarth(69.5, 19.0, 60));
        $this->assertFalse($hands->window('2031-12-12')->isOpen);
        $this->assertTrue($hands->window('2031-06-10')->isOpen);
        $this->assertSame([450.0, 1020.0], [$hands->window('2031-06-10')->from, $hands->window('2031-06-10')->to]);
    }

    /** A covered pour is frosted later; the pour itself is not warmed. */
    public function test_blankets_count_after_the_pour_only(): void
    {
        $forecast = new Forecast('2031-03-03', [new DayWarmth(-3.0, 9.0), new DayWarmth(-3.0, 9.0), new DayWarmth(-3.0, 9.0)]);
        $pour = new Work('pour', WorkKind::Pour, 1, 1.0);
        $this->assertSame([WeatherHold::FrostAfterThePour], (new HoldRules)->at($pour, 840, 900, $forecast));
        $this->assertSame([], (new HoldRules(kept: 5.0))->at($pour, 840, 900, $forecast));
        $this->assertContains(WeatherHold::ColdAtThePour, (new HoldRules(kept: 20.0))->at($pour, 480, 540, $forecast));
    }

    /** @return list<list<string>> */
    private function clocks(Planned $one, Forecast $forecast): array
    {
        return array_map(fn (array $part) => array_map($forecast->clock(...), $part), $one->parts);
    }

    private function weather(Randomizer $dice, int $days): Forecast
    {
        $warmth = $hours = [];
        for ($day = 0; $day < $days; $day++) {
            $least = $dice->getInt(-30, 110) / 10;
            $warmth[] = new DayWarmth($least, $least + $dice->getInt(20, 120) / 10);
            for ($hour = 0; $hour < 24; $hour++) {
                if ($dice->getInt(1, 12) === 1) {
                    $hours[$day * 24 + $hour] = new WeatherHour($dice->getInt(0, 40) / 10, $dice->getInt(0, 150) / 10, $dice->getInt(1, 4) === 1);
                }
            }
        }

        return new Forecast('2031-04-07', $warmth, $hours);
    }

    /** Alone through the week, three on Saturdays, nobody on Wednesdays: work of three is done on Saturdays only, work of one on any day but Wednesday. */
    public function test_others_come_on_single_weekdays(): void
    {
        $hands = new Hands(1, 450, 1020, new WorkCalendar([7]), others: [6 => 3, 3 => 0]);
        $this->assertSame([1, 0, 3, 3], [$hands->on('2026-05-04'), $hands->on('2026-05-06'), $hands->on('2026-05-09'), $hands->most()]);
        $mild = new Forecast('2026-05-04', array_fill(0, 14, new DayWarmth(10.0, 20.0)));
        $schedule = new Schedule([new Work('alone', WorkKind::Dig, 18.0, 1.0), new Work('lift', WorkKind::Beam, 6.0, 1.0, 3), new Work('on', WorkKind::Cut, 12.0, 1.0)], $hands, $mild);
        $days = fn (string $name): array => array_values(array_unique(array_map(fn (array $part) => $mild->date(intdiv($part[0], 1440)), $schedule->planned[$name]->parts)));
        $this->assertSame(['2026-05-04', '2026-05-05'], $days('alone'));
        $this->assertSame(['2026-05-09'], $days('lift'));
        $this->assertNotContains('2026-05-06', $days('on'));
        $this->assertSame([[6 => 2, 3 => 0], 1], [$hands->only(2)->others, $hands->only(2)->people]);
        $this->assertSame([], $hands->always(2)->others);
    }

    /** @return list<Work> holes, tubes, a pour, frames and cuts, with what each waits for */
    private function works(Randomizer $dice, int $people): array
    {
        $some = fn (): int => $dice->getInt(1, $people);
        $amount = fn (): int => $dice->getInt(1, 8);

        return [
            new Work('dig', WorkKind::Dig, $amount(), 0.6, $some()), new Work('tubes', WorkKind::Set, $amount(), 2.5, $some(), [new Need('dig')], openTube: true),
            new Work('pour', WorkKind::Pour, $amount(), 1.5, $some(), [new Need('tubes', $dice->getInt(0, 3))], openTube: true),
            new Work('frames', WorkKind::TiltUp, $dice->getInt(1, 3), 0.6, $some(), [new Need('pour', cure: (float) $dice->getInt(6, 30))]),
            new Work('beam', WorkKind::Beam, 1, 0.5, $some(), [new Need('frames')], longBeam: true), new Work('cut', WorkKind::Cut, $amount(), 2.0, $some(), [new Need('pour', cure: 24.0)]),
        ];
    }

    /** Digging that takes every quarter hour there is begins with the first of them; one more has no place. */
    public function test_work_that_stops_may_take_all_the_time_there_is_and_no_more(): void
    {
        $forecast = new Forecast('2026-05-04', array_fill(0, 2, new DayWarmth(15.0, 20.0)));
        $hands = new Hands(1, 480, 600);
        $dig = fn (float $hours): Schedule => new Schedule([new Work('dig', WorkKind::Dig, $hours, 1.0)], $hands, $forecast);
        $this->assertSame([[480, 600], [1920, 2040]], $dig(4.0)->planned['dig']->parts);
        $this->assertSame([[480, 495]], $dig(0.25)->planned['dig']->parts);
        $this->expectException(DaysRefused::class);
        $dig(4.25);
    }
}
