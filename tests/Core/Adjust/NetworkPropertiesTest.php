<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\GrossErrors\Mistakes;
use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\Datum;
use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Adjust\Statistics\ChiSquare;
use Aequus\Measure\Vector;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What holds for every network, and how often mistakes are found: seeds and numbers of cases are stated with each. */
final class NetworkPropertiesTest extends TestCase
{
    private const SLIP = 25.4;

    private const TOLERANCE = 6.35;

    /** 40 networks, seed 11. */
    public function test_shifting_and_turning_the_design_changes_no_residual(): void
    {
        $site = SimulatedTapes::grid(4, 3, 2400, 11);
        for ($case = 0; $case < 40; $case++) {
            $network = $site->network();
            $turn = $site->shift(1.0);
            $by = $site->shift(50_000 * $site->fraction());
            $moved = array_map(fn (Vector $p) => $turn->times($p->x)->plus($turn->left()->times($p->y))->plus($by), $site->design);
            $stations = array_map(fn (string $name) => new Station($name, $moved[$name]), array_keys($moved));
            $here = $network->adjust();
            $there = (new Network($stations, $network->readings, Datum::baseLine('A1', 'D1')))->adjust();
            foreach ($network->readings as $reading) {
                $this->assertEqualsWithDelta($here->residual($reading->id()), $there->residual($reading->id()), 1e-4);
            }
            $this->assertEqualsWithDelta($here->solution->sumOfSquares, $there->solution->sumOfSquares, 1e-4);
        }
    }

    /** 60 networks, seed 12: each with one further distance that fits exactly. */
    public function test_an_exact_extra_reading_widens_no_ellipse(): void
    {
        $site = SimulatedTapes::grid(4, 3, 2400, 12);
        $names = array_keys($site->design);
        for ($case = 0; $case < 60; $case++) {
            $network = $site->network();
            $before = $network->adjust();
            [$from, $to] = [$names[$site->any(12)], $names[$site->any(12)]];
            if ($from === $to) {
                continue;
            }
            $extra = new Distance('extra', $from, $to, $before->distance($from, $to), 2.0);
            $stations = array_map(fn (string $name) => new Station($name, $site->design[$name]), $names);
            $after = (new Network($stations, [...$network->readings, $extra], Datum::baseLine('A1', 'D1')))->adjust();
            foreach ($names as $name) {
                $this->assertLessThanOrEqual($before->ellipse($name)->major + 1e-6, $after->ellipse($name)->major);
                $this->assertLessThanOrEqual($before->ellipse($name)->minor + 1e-6, $after->ellipse($name)->minor);
                $this->assertEqualsWithDelta($before->at[$name], $after->at[$name], 1e-3);
            }
        }
    }

    /** 2,000 networks, seed 13. An independent simulation found 0.95 %. */
    public function test_honest_tapes_are_seldom_accused(): void
    {
        $site = SimulatedTapes::grid(4, 3, 2400, 13);
        $this->assertCount(31, $site->pairs);
        $accused = 0;
        for ($case = 0; $case < 2000; $case++) {
            [$mistakes] = self::search($site->network());
            $accused += $mistakes->dropped !== [] || $mistakes->named !== [] ? 1 : 0;
        }
        $this->assertLessThan(0.02 * 2000, $accused);
        $this->assertGreaterThan(0, $accused, 'a test at 1 % that never accuses is no test');
    }

    /** 2,000 networks, seed 14. An independent simulation found 99.9 % and 73 %. */
    public function test_a_tape_misread_by_an_inch_is_named_and_mostly_alone(): void
    {
        $site = SimulatedTapes::grid(4, 3, 2400, 14);
        $named = $alone = 0;
        for ($case = 0; $case < 2000; $case++) {
            $wrong = $site->any(31);
            [$mistakes] = self::search($site->network(slips: [$wrong => $site->fraction() < 0.5 ? -self::SLIP : self::SLIP]));
            $first = $mistakes->dropped[0] ?? null;
            $named += $mistakes->drops("r{$wrong}") !== null || $mistakes->accuses("r{$wrong}") ? 1 : 0;
            $alone += $first?->id === "r{$wrong}" ? 1 : 0;
        }
        $this->assertGreaterThan(0.99 * 2000, $named);
        $this->assertGreaterThan(0.65 * 2000, $alone);
    }

    /** 600 networks each, seed 15. An independent simulation found 0.6 %. */
    #[TestWith([PlacementWay::BaseLine])]
    #[TestWith([PlacementWay::BestFit])]
    #[TestWith([PlacementWay::FewestMoves])]
    public function test_perfect_stakes_are_seldom_called_out(PlacementWay $way): void
    {
        $site = SimulatedTapes::grid(4, 3, 2400, 15);
        $out = 0;
        for ($case = 0; $case < 600; $case++) {
            [, $adjusted] = self::search($site->network());
            $placed = PlacedNetwork::of($adjusted, $way, $site->design, new Allowed(self::TOLERANCE), ['A1', 'D1']);
            $out += $placed?->verdict === StakeVerdict::Out ? 1 : 0;
        }
        $this->assertLessThan(0.015 * 600, $out);
    }

    /** 200 layouts each, seed 16: the stakes that are off stand four tolerances off, all others within a third. */
    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    public function test_fewest_moves_finds_exactly_the_stakes_that_were_moved(int $off): void
    {
        $site = SimulatedTapes::grid(4, 3, 2400, 16);
        $exactly = 0;
        for ($case = 0; $case < 200; $case++) {
            $wrong = [];
            while (count($wrong) < $off) {
                $wrong[array_keys($site->design)[$site->any(12)]] = true;
            }
            $at = [];
            foreach ($site->design as $name => $place) {
                $at[$name] = $place->plus($site->shift(isset($wrong[$name]) ? 4 * self::TOLERANCE : self::TOLERANCE / 3 * $site->fraction()));
            }
            $placed = PlacedNetwork::ofExact($at, PlacementWay::FewestMoves, $site->design, new Allowed(self::TOLERANCE), ['A1', 'D1']);
            $found = array_map(fn ($stake) => $stake->name, $placed?->out() ?? []);
            $exactly += array_diff($found, array_keys($wrong)) === [] && count($found) === $off ? 1 : 0;
        }
        $this->assertGreaterThan(0.95 * 200, $exactly);
    }

    #[TestWith([25])]
    #[TestWith([100])]
    #[TestWith([400])]
    public function test_large_grids_come_out_as_computed_independently(int $stakes): void
    {
        $case = json_decode(
            (string) file_get_contents(__DIR__."/../../vectors/bench_network_{$stakes}.json"), true, flags: JSON_THROW_ON_ERROR,
        )['cases'][0];
        $given = new VectorNetwork($case['input']);
        $adjusted = $given->network->adjust();
        $expect = $case['expect'];
        $redundancies = array_map(fn ($reading) => $adjusted->solution->redundancy($reading->id()), $given->network->readings);
        $this->assertSame($expect['degrees_of_freedom'], $adjusted->solution->surplus);
        $this->assertEqualsWithDelta(1.0, $adjusted->solution->sumOfSquares / $expect['sum_squares'], 1e-6);
        $this->assertEqualsWithDelta($expect['sum_redundancy_numbers'], array_sum($redundancies), 1e-5);
        $this->assertEqualsWithDelta($expect['least_redundancy_number'], min($redundancies), 1e-6);
        $this->assertEqualsWithDelta(new Vector($expect['last_stake']['x'], $expect['last_stake']['y']), $adjusted->at[$expect['last_stake']['name']], 1e-3);
    }

    public function test_the_critical_sum_of_squares_holds_for_few_and_for_hundreds_of_surplus_readings(): void
    {
        // Tables: χ²(0.999) of 1, 2, 10, 100; Wilson and Hilferty (1931) for 1,625.
        foreach ([1 => 10.828, 2 => 13.816, 10 => 29.588, 100 => 149.449] as $surplus => $table) {
            $this->assertEqualsWithDelta($table, ChiSquare::critical($surplus), 5e-4);
        }
        $this->assertEqualsWithDelta(1625 * (1 - 2 / (9 * 1625) + 3.0902 * sqrt(2 / (9 * 1625))) ** 3, ChiSquare::critical(1625), 0.2);
    }

    /** @return array{Mistakes, AdjustedNetwork} */
    private static function search(Network $network): array
    {
        return Mistakes::search(fn (array $without) => $network->without($without)->adjust());
    }
}
