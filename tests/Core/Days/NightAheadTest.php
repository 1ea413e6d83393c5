<?php

declare(strict_types=1);

namespace Tests\Core\Days;

use Aequus\Days\Comes;
use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\Hands;
use Aequus\Days\HoldRules;
use Aequus\Days\NightAhead;
use Aequus\Days\OnEarth;
use Aequus\Days\WeatherHour;
use Aequus\Days\WorkCalendar;
use PHPUnit\Framework\TestCase;

/** What comes before work begins again. From Friday 2026-05-08 on, people at work from 7:30 to 17:00. */
final class NightAheadTest extends TestCase
{
    private const NOON = 720;

    /** Dusk at 52° north and 10° east on that day, 20:55 in summer time. */
    private const DUSK = 1255;

    public function test_a_calm_evening_ends_at_dusk_and_work_begins_again_after_the_days_of_rest(): void
    {
        $night = $this->night([]);
        $this->assertSame(['hours_end' => 1020], array_slice($night->comes, 0, 1));
        $this->assertSame(['hours_end', 'dark'], array_keys($night->comes));
        $this->assertEqualsWithDelta(self::DUSK, $night->comes['dark'], 3);
        $this->assertSame($night->comes['dark'], $night->safeBy, 'people may stay beyond their hours, not beyond dusk');
        $this->assertSame(3 * 1440 + 450, $night->until, 'Monday half past seven');
        $this->assertTrue($night->isKnown && $night->isDuskKnown);
    }

    public function test_the_first_that_is_hard_counts_and_just_on_a_limit_nothing_comes(): void
    {
        $this->assertSame(15 * 60, $this->night([15 => new WeatherHour(gust: 10.1), 17 => new WeatherHour(rain: 1.1)])->safeBy);
        $this->assertSame(14 * 60, $this->night([14 => new WeatherHour(rain: 1.1), 15 => new WeatherHour(gust: 12.0)])->safeBy);
        $this->assertSame(13 * 60, $this->night([13 => new WeatherHour(thunder: true)])->safeBy);
        $this->assertSame(['hours_end', 'dark'], array_keys($this->night([15 => new WeatherHour(rain: 1.0, gust: 10.0)])->comes));
    }

    public function test_what_is_there_already_comes_now_and_what_is_over_comes_no_more(): void
    {
        $this->assertSame(self::NOON + 20, $this->night([12 => new WeatherHour(gust: 15.0)], at: self::NOON + 20)->safeBy);
        $this->assertArrayNotHasKey('gusts', $this->night([11 => new WeatherHour(gust: 15.0)])->comes);
        $late = $this->night([], at: 22 * 60);
        $this->assertSame(['dark' => 22 * 60], $late->comes, 'it is dark, and the hours are over');
        $this->assertSame(22 * 60, $late->safeBy);
        $this->assertSame(['dark' => 180], array_slice($this->night([], at: 180)->comes, 0, 1), 'before sunrise it is dark too');
        $this->assertSame(450, $this->night([], at: 180)->until, 'and work begins the same day');
    }

    public function test_a_storm_on_the_days_of_rest_comes_too_and_one_after_work_began_again_does_not(): void
    {
        $this->assertSame(2 * 1440 + 240, $this->night([52 => new WeatherHour(gust: 20.0)])->comes['gusts']);
        $this->assertArrayNotHasKey('gusts', $this->night([80 => new WeatherHour(gust: 20.0)])->comes);
    }

    public function test_frost_is_told_with_the_doubt_of_a_forecast_and_makes_nobody_hurry(): void
    {
        $cold = $this->night([], least: -3.0);
        $this->assertGreaterThan(1440, $cold->comes['frost']);
        $this->assertLessThan(1440 + 361, $cold->comes['frost']);
        $this->assertSame($cold->comes['dark'], $cold->safeBy);
        $this->assertArrayNotHasKey('frost', $this->night([], least: 0.6)->comes);
        $this->assertArrayHasKey('frost', $this->night([], least: 0.6, isForecast: true)->comes, 'tomorrow it may come a degree colder');
    }

    public function test_nobody_is_told_that_nothing_comes_where_nobody_knows(): void
    {
        $dark = $this->night([], place: null);
        $this->assertFalse($dark->isDuskKnown);
        $this->assertSame(1020, $dark->safeBy, 'the end of the hours stands for dusk');
        $this->assertSame(900, $this->night([15 => new WeatherHour(gust: 20.0)], place: null)->safeBy);
        $this->assertSame(1020, $this->night([18 => new WeatherHour(gust: 20.0)], place: null)->safeBy, 'it may be dark before the storm');
        $this->assertFalse($this->night([], days: 2)->isKnown, 'Monday is not foretold');
        $this->assertTrue($this->night([], days: 4)->isKnown);
        $this->assertNull($this->night([], place: null, at: 1100)->safeBy);
        $this->assertTrue(Comes::Gusts->isHard() && Comes::Dark->isHard() && Comes::Rain->isHard() && Comes::Thunder->isHard());
    }

    /** @param  array<int, WeatherHour>  $hours */
    private function night(
        array $hours, int $at = self::NOON, float $least = 8.0, bool $isForecast = false, ?OnEarth $place = new OnEarth(52.0, 10.0, 120), int $days = 7,
    ): NightAhead {
        $rules = $isForecast ? (new HoldRules)->withDoubt() : new HoldRules;

        return new NightAhead(new Hands(2, 450, 1020, new WorkCalendar, $place, holds: $rules), new Forecast('2026-05-08', array_fill(0, max(1, $days), new DayWarmth($least, 18.0)), $hours), $at);
    }
}
