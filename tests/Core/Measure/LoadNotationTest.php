<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Aequus\Measure\LoadNotation;
use Aequus\Measure\Unit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LoadNotationTest extends TestCase
{
    public function test_a_job_in_feet_speaks_of_pounds(): void
    {
        $in = new LoadNotation(Unit::Inch);
        $this->assertSame(['3,023 lb', '1,500 lb/ft²', '20.0 lb/ft²', '150 lb/ft² per ft', '100.8 ft²', '0.51 ft²'], [
            $in->force(3023.4), $in->pressure(1500), $in->pressure(20), $in->byDepth(150), $in->area(100.8), $in->area(0.51),
        ]);
        $this->assertSame('1,499 lb', $in->weight(0.68));
        $this->assertSame([30.0, 600.0, '600'], [$in->readPressure(30), $in->readForce(600), $in->typedForce(600)]);
    }

    /** 1 lb/ft² is 47.880 N/m², 1 lb is 4.44822 N. */
    public function test_a_job_in_millimetres_speaks_of_kilonewtons(): void
    {
        $in = new LoadNotation(Unit::Millimetre);
        $this->assertSame(['13.4 kN', '71.8 kN/m²', '0.96 kN/m²', '23.6 kN/m² per m', '9.36 m²'], [
            $in->force(3023.4), $in->pressure(1500), $in->pressure(20), $in->byDepth(150), $in->area(100.8),
        ]);
        $this->assertEqualsWithDelta(1000 / 47.8803, $in->readPressure(1), 1e-3);
        $this->assertSame(['0.28 kN', '0.68 t'], [$in->forceOf(0.277), $in->weight(0.68)]);
    }

    #[TestWith([Unit::Inch])]
    #[TestWith([Unit::Millimetre])]
    public function test_a_force_typed_is_the_force_read(Unit $unit): void
    {
        $in = new LoadNotation($unit);
        foreach ([450, 3023, 12_000] as $pounds) {
            $this->assertEqualsWithDelta($pounds, $in->readForce((float) $in->typedForce($pounds)), 1.2);
        }
    }
}
