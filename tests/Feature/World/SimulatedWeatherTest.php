<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use Aequus\Days\WeatherHour;
use App\World\SimulatedWeather;
use App\World\StandIn;

final class SimulatedWeatherTest extends StandInTestCase
{
    protected function seeded(int $seed): StandIn
    {
        return new SimulatedWeather($seed);
    }

    protected function answers(StandIn $one): mixed
    {
        return $one instanceof SimulatedWeather ? [$one->forecast('2026-02-27', 9, 'orchard'), $one->forecast('2026-07-01', 1, ''), $one->forecast('2026-07-01', 0, 'beck'), $one->year(3, '2026-07-01', 2, 'beck')] : $this->fail();
    }

    /** A day has one weather, whichever day it is asked on; another place has another. */
    public function test_a_day_is_the_same_from_wherever_it_is_looked_at(): void
    {
        $station = new SimulatedWeather(5);
        $week = $station->forecast('2026-05-04', 7, 'orchard');
        $later = $station->forecast('2026-05-08', 3, 'orchard');
        $this->assertEquals(array_slice($week->days, 4), $later->days);
        $this->assertEquals($week->touched(4 * 1440, 7 * 1440), $later->touched(0, 3 * 1440));
        $this->assertNotEquals($week->days, $station->forecast('2026-05-04', 7, 'beck')->days);
        $this->assertNotEquals($station->year(1, '2026-05-04', 7, 'orchard')->days, $station->year(2, '2026-05-04', 7, 'orchard')->days);
    }

    public function test_how_warm_a_year_was_is_the_same_alone_and_with_its_rain(): void
    {
        $station = new SimulatedWeather(5);
        [$alone, $whole] = [$station->warmth(3, '2026-02-27', 40, 'orchard'), $station->year(3, '2026-02-27', 40, 'orchard')];
        $this->assertEquals($whole->days, $alone->days);
        $this->assertNotEquals($whole->days, $station->warmth(4, '2026-02-27', 40, 'orchard')->days);
        $this->assertSame([], array_filter($alone->touched(0, 40 * 1440), fn (WeatherHour $hour) => $hour->rain > 0 || $hour->gust > 0 || $hour->thunder));
    }

    /** Over twenty years July is warmer than January, it rains on some days and not on most, and thunder comes in summer only. */
    public function test_it_goes_with_the_year(): void
    {
        $mean = $wet = $thunder = [];
        foreach (['01' => 1, '07' => 7] as $month => $_) {
            for ($seed = 1; $seed <= 20; $seed++) {
                $days = (new SimulatedWeather($seed))->forecast("2026-{$month}-01", 28, 'orchard');
                foreach ($days->days as $i => $day) {
                    $this->assertLessThan($day->greatest, $day->least);
                    $hours = $days->touched($i * 1440, ($i + 1) * 1440);
                    $mean[$month][] = ($day->least + $day->greatest) / 2;
                    $wet[$month][] = (int) (max(array_map(fn ($hour) => $hour->rain, $hours)) > 0);
                    $thunder[$month][] = (int) (array_filter($hours, fn ($hour) => $hour->thunder) !== []);
                }
            }
        }
        $average = fn (array $all): float => array_sum($all) / count($all);
        $this->assertGreaterThan($average($mean['01']) + 10, $average($mean['07']));
        foreach (['01', '07'] as $month) {
            $this->assertGreaterThan(0.15, $average($wet[$month]));
            $this->assertLessThan(0.5, $average($wet[$month]));
        }
        $this->assertSame(0, array_sum($thunder['01']));
        $this->assertGreaterThan(0, array_sum($thunder['07']));
    }
}
