<?php

declare(strict_types=1);

namespace Tests\Core\Days;

use Aequus\Days\DayWarmth;
use Aequus\Days\Forecast;
use Aequus\Days\FrostInGround;
use Aequus\Days\HeldHours;
use Aequus\Days\HoldRules;
use Aequus\Days\WeatherHold;
use Aequus\Days\WeatherHour;
use Aequus\Days\Work;
use Aequus\Days\WorkKind;
use Aequus\Days\WorkWindow;
use Aequus\Diary\Season;
use PHPUnit\Framework\TestCase;

/** Winter: how deep frost goes, and when pouring ends. */
final class SeasonTest extends TestCase
{
    /** 100 degree days: √(2 · 1.8 · 0.7 · 100 · 86400 / (334000 · 240)) is 0.521 m; four times as many go twice as deep. */
    public function test_frost_goes_as_deep_as_the_root_of_the_cold(): void
    {
        $cold = fn (int $days, float $mean): FrostInGround => new FrostInGround(array_fill(0, $days, new DayWarmth($mean - 3, $mean + 3)));
        $this->assertEqualsWithDelta([100.0, 521.2], [$cold(20, -5.0)->degreeDays, $cold(20, -5.0)->millimetres], 0.05);
        $this->assertEqualsWithDelta(2 * $cold(20, -5.0)->millimetres, $cold(40, -10.0)->millimetres, 1e-9);
        $this->assertSame([0.0, 0.0], [$cold(30, 4.0)->millimetres, (new FrostInGround([]))->millimetres]);
    }

    /** What thawed away is gone: frost of autumn does not count in spring, and warmth is not kept for later. */
    public function test_warm_days_thaw_what_cold_ones_froze(): void
    {
        $days = fn (float ...$means): float => (new FrostInGround(array_map(fn (float $mean) => new DayWarmth($mean, $mean), $means)))->degreeDays;
        $this->assertSame(6.0, $days(-4.0, 10.0, -6.0));
        $this->assertSame(7.0, $days(-4.0, 1.0, -4.0));
        $this->assertSame(3.0, $days(20.0, 20.0, -3.0));
    }

    public function test_pouring_ends_where_ten_days_stay_below_the_limit_and_begins_where_ten_rise_above_it(): void
    {
        $year = fn (array $spans): Forecast => new Forecast('2026-10-01', array_merge(...array_map(fn (array $span) => array_fill(0, $span[0], new DayWarmth($span[1] - 6, $span[1])), $spans)));
        $early = $year([[20, 9.0], [9, 4.0], [1, 5.0], [10, 4.9], [40, -2.0], [9, 6.0], [1, 2.0], [10, 5.0], [5, 1.0]]);
        $late = $year([[50, 9.0], [30, 1.0], [25, 8.0]]);
        $never = $year([[105, 9.0]]);
        $this->assertSame([30, 90], [(new Season([$early], 5.0))->ends, (new Season([$early], 5.0))->begins]);
        $this->assertSame([50, 80], [(new Season([$early, $late, $late], 5.0))->ends, (new Season([$late], 5.0))->begins]);
        $this->assertSame([30, null], [(new Season([$early, $never], 5.0))->ends, (new Season([$never, $never, $late], 5.0))->ends]);
        $this->assertSame(null, (new Season([$early], -20.0))->ends);
        $this->assertSame([0, null], [(new Season([$late], 10.0))->ends, (new Season([$late], 10.0))->begins]);
    }

    /** Below 5 °C until ten and from four on; gusts from eleven to one; all of a day too cold. */
    public function test_hours_that_are_held_are_told_for_each_kind_of_work(): void
    {
        $hours = array_fill_keys([24 + 11, 24 + 12], new WeatherHour(0.0, 12.0));
        $forecast = new Forecast('2026-03-02', [new DayWarmth(-2.0, 4.0), new DayWarmth(0.0, 10.2), new DayWarmth(2.0, 9.0), new DayWarmth(8.0, 12.0)], $hours + [24 + 14 => new WeatherHour(2.0)]);
        $window = new WorkWindow(450, 1020, null);
        $of = fn (WorkKind $kind, int $day, bool $tube = false): HeldHours => new HeldHours(new Work('x', $kind, 1.0, 4.0, openTube: $tube), $window, new HoldRules, $forecast, $day);
        $this->assertSame([[[450, 1020]], true, [WeatherHold::ColdAtThePour, WeatherHold::FrostAfterThePour]], [$of(WorkKind::Pour, 0)->stretches, $of(WorkKind::Pour, 0)->isAllDay, $of(WorkKind::Pour, 0)->holds]);
        $this->assertSame([[660, 780]], $of(WorkKind::TiltUp, 1)->stretches);
        $this->assertSame([[840, 900]], $of(WorkKind::Other, 1, true)->stretches);
        $this->assertSame([[], false], [$of(WorkKind::TiltUp, 2)->stretches, $of(WorkKind::TiltUp, 2)->isAllDay]);
        // T(t) = 5.1 · (1 − cos(π(t − 6)/9)) is 5.1 at half past ten, and below 5 a quarter before.
        $this->assertSame([[450, 630]], $of(WorkKind::Pour, 1)->stretches);
        $this->assertSame([], (new HeldHours(new Work('x', WorkKind::Pour, 1.0, 4.0), new WorkWindow(600, 600, null), new HoldRules, $forecast, 0))->stretches);
    }
}
