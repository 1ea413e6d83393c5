<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\GrossErrors\FarFromPlan;
use Aequus\Adjust\Network\Distance;
use Aequus\Measure\Guesses;
use Aequus\Measure\Unit;
use Aequus\Measure\Vector;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where the gate before the first adjustment closes, at its very edges. */
final class FarFromPlanTest extends TestCase
{
    #[TestWith([0.79, true])]
    #[TestWith([0.81, false])]
    #[TestWith([1.24, false])]
    #[TestWith([1.26, true])]
    public function test_another_unit_is_asked_about_where_all_of_them_are_off_by_the_same_share(float $ratio, bool $isAnother): void
    {
        $far = $this->far(['ab' => 4000 * $ratio, 'bc' => 3000 * $ratio, 'cd' => 4000 * $ratio]);
        self::assertSame($isAnother, $far->inAnotherUnit !== null);
        self::assertEqualsWithDelta($ratio, $far->ratio, 1e-9);
        self::assertNull($this->far(['ab' => 4000 * $ratio, 'bc' => 3000 * $ratio])->inAnotherUnit, 'two tapes say nothing of all');
    }

    public function test_a_stake_that_three_tapes_speak_of_is_off_itself_and_their_readings_enter(): void
    {
        $true = [
            'ab' => 4000.0, 'bc' => 3000.0, 'cd' => 4000.0, 'da' => 3000.0, 'ac' => 5000.0, 'bd' => 5000.0, 'cd2' => 4000.0, 'da2' => 3000.0,
            'ac2' => 5000.0,
        ];
        $three = $this->far(['ab' => 4700.0, 'bc' => 3700.0, 'bd' => 5700.0] + $true);
        self::assertSame([['b'], []], [$three->offPlan, $three->setAside]);
        $two = $this->far(['ab' => 4700.0, 'bd' => 5700.0] + $true);
        self::assertSame([], $two->offPlan);
        self::assertSame(['ab', 'bd'], array_map(fn ($one) => $one->id, $two->setAside), 'two tapes are asked about');
    }

    public function test_it_is_six_times_the_scatter_and_never_less_than_150(): void
    {
        $off = fn (float $one) => ['ab' => 4000.0 + $one, 'bc' => 3000.0 + $one, 'cd' => 4000.0 - $one, 'da' => 3000.0 - $one, 'ac' => 5000.0 + $one];
        self::assertSame(150.0, $this->far($off(10.0))->bound(4000.0));
        self::assertEqualsWithDelta(6 * 1.4826 * 40.0, $this->far($off(40.0))->bound(4000.0), 1e-9);
        self::assertSame([300.0, 400.0], [$this->far(['ab' => 4000.0])->bound(6000.0), $this->far(['ab' => 4000.0])->bound(8000.0)]);
    }

    /** @param  array<string, float>  $read  by the two stakes */
    private function far(array $read): FarFromPlan
    {
        $readings = array_map(fn (string $id, float $reads) => new Distance($id, $id[0], $id[1], $reads, 1.5), array_keys($read), $read);

        return new FarFromPlan($readings, [
            'a' => Vector::zero(), 'b' => new Vector(4000.0, 0.0), 'c' => new Vector(4000.0, 3000.0), 'd' => new Vector(0.0, 3000.0),
        ], Guesses::of(Unit::Millimetre));
    }
}
