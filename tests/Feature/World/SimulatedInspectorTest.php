<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use Aequus\Days\WorkCalendar;
use App\World\SimulatedInspector;
use App\World\StandIn;

final class SimulatedInspectorTest extends StandInTestCase
{
    protected function seeded(int $seed): StandIn
    {
        return new SimulatedInspector($seed);
    }

    protected function answers(StandIn $one): mixed
    {
        return $one instanceof SimulatedInspector ? array_map(fn (int $i) => $one->book('2026-05-08', 'before_the_fill', "place {$i}", $i % 3), range(0, 19)) : $this->fail();
    }

    /** On a working day after the one it was asked on; about one first visit in three finds something, a second one never. */
    public function test_it_comes_on_working_days_and_finds_something_now_and_then(): void
    {
        $found = 0;
        for ($place = 0; $place < 300; $place++) {
            $visit = (new SimulatedInspector)->book('2026-05-08', 'before_the_fill', "place {$place}", 0);
            $this->assertTrue($visit->day > '2026-05-08' && $visit->day <= '2026-05-13' && (new WorkCalendar)->isWorked($visit->day), $visit->day);
            $this->assertTrue($visit->minute >= 540 && $visit->minute <= 840);
            $found += $visit->found === null ? 0 : 1;
            $this->assertNull((new SimulatedInspector)->book('2026-05-08', 'before_the_fill', "place {$place}", 1)->found);
        }
        $this->assertGreaterThan(70, $found);
        $this->assertLessThan(130, $found);
    }
}
