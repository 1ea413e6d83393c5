<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use Aequus\Days\WorkCalendar;
use App\World\SimulatedMarkingDesk;
use App\World\StandIn;

final class SimulatedMarkingDeskTest extends StandInTestCase
{
    protected function seeded(int $seed): StandIn
    {
        return new SimulatedMarkingDesk($seed);
    }

    protected function answers(StandIn $one): mixed
    {
        return $one instanceof SimulatedMarkingDesk ? array_map(fn (int $i) => $one->answer('2026-05-04', '2026-05-08', "place {$i}"), range(0, 19)) : $this->fail();
    }

    /** Never before the notice runs out; late one time in five; a line in two places of five, the same whenever it is asked. */
    public function test_it_is_late_now_and_then_and_finds_what_is_there(): void
    {
        $late = $found = 0;
        for ($place = 0; $place < 300; $place++) {
            $answer = (new SimulatedMarkingDesk)->answer('2026-05-04', '2026-05-08', "place {$place}");
            $this->assertTrue($answer->on >= '2026-05-08' && $answer->on <= '2026-05-12' && (new WorkCalendar)->isWorked($answer->on));
            $late += $answer->on > '2026-05-08' ? 1 : 0;
            $found += $answer->found === null ? 0 : 1;
            $again = (new SimulatedMarkingDesk)->answer('2026-06-01', '2026-06-05', "place {$place}");
            $this->assertSame([$answer->found, $answer->across], [$again->found, $again->across]);
        }
        $this->assertEqualsWithDelta(60, $late, 20);
        $this->assertEqualsWithDelta(120, $found, 25);
    }
}
