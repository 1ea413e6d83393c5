<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use Aequus\Measure\Length;
use App\World\CodeDesk;
use App\World\SimulatedCodeDesk;
use App\World\StandIn;

/** The made-up code desk. */
final class SimulatedCodeDeskTest extends StandInTestCase
{
    protected function seeded(int $seed): SimulatedCodeDesk
    {
        return new SimulatedCodeDesk($seed);
    }

    protected function answers(StandIn $one): mixed
    {
        assert($one instanceof CodeDesk);

        return $one->districts();
    }

    public function test_no_footing_is_shallower_than_its_frost_line_or_a_foot_and_cold_districts_have_more_snow(): void
    {
        foreach (range(1, 30) as $seed) {
            foreach ($this->seeded($seed)->districts() as $district) {
                $this->assertFalse($district->least->isShorterThan($district->frost));
                $this->assertFalse($district->least->isShorterThan(Length::inches(12)));
                $this->assertTrue($district->wind > 30 && $district->wind < 70 && $district->snow >= 10);
            }
        }
        $districts = $this->seeded(1)->districts();
        $this->assertGreaterThan($districts['Saltmarsh End']->snow, $districts['Cold Ladle']->snow);
    }
}
