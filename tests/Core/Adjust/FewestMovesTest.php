<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\FewestMoves;
use Aequus\Adjust\Placement\Placement;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use PHPUnit\Framework\TestCase;

/** What is worked out fast says what it would say if it were worked out slowly. */
final class FewestMovesTest extends TestCase
{
    /** Five of six stand true and one 40 mm off; who may not move decides what gives. */
    public function test_a_placement_that_leaves_a_held_stake_out_is_none(): void
    {
        [$design, $stand] = $this->frame();
        $free = FewestMoves::placement($design, $stand, new Allowed(6.0)) ?? $this->fail();
        $this->assertSame(['F'], $this->out($free, $design, $stand));
        $held = FewestMoves::placement($design, $stand, new Allowed(6.0), ['F']) ?? $this->fail();
        $this->assertNotContains('F', $this->out($held, $design, $stand));
        $this->assertNotSame([], $this->out($held, $design, $stand));
        $this->assertNull(FewestMoves::placement($design, $stand, new Allowed(6.0), array_keys($design)));
    }

    public function test_the_best_fit_summed_on_the_way_is_the_best_fit(): void
    {
        [$design, $stand] = $this->frame();
        $far = fn (array $places): array => array_map(fn (Vector $at) => $at->plus(new Vector(900_000.0, -700_000.0)), $places);
        foreach ([[$design, $stand], [$far($design), $far($stand)]] as [$from, $to]) {
            $found = FewestMoves::placement($from, $to, new Allowed(6.0)) ?? $this->fail();
            $fit = Placement::bestFit($from, $to, ['A', 'B', 'C', 'D', 'E']);
            $this->assertEqualsWithDelta($fit->rotation, $found->rotation, 1e-12);
            foreach ($fit->moves($from, $to) as $name => $move) {
                $this->assertEqualsWithDelta($move, $found->moves($from, $to)[$name], 1e-6, (string) $name);
            }
        }
    }

    /** Whoever asks only which must move is told the same, sooner. */
    public function test_any_placement_that_fits_names_nobody_either(): void
    {
        [$design] = $this->frame();
        $stand = array_map(fn (Vector $at) => $at->plus(new Vector(3.0, -2.0)), $design);
        $this->assertSame([], $this->out(FewestMoves::placement($design, $stand, new Allowed(6.0), anyThatFits: true) ?? $this->fail(), $design, $stand));
    }

    /** Eighty stakes, most of whose distances are as long as many others: of equal ones the first in stake order. */
    public function test_further_distances_are_the_shortest_in_stake_order(): void
    {
        $at = $lengths = [];
        foreach (range(0, 9) as $row) {
            foreach (range(0, 7) as $column) {
                $at[chr(65 + $column).($row + 1)] = new Vector($column * 2400.0, $row * 2400.0);
            }
        }
        $names = array_keys($at);
        foreach ($names as $i => $from) {
            foreach (array_slice($names, $i + 1) as $to) {
                $lengths["{$from} {$to}"] = $at[$to]->minus($at[$from])->length();
            }
        }
        unset($lengths['A1 B1']);
        $shortest = $lengths;
        asort($shortest);
        $wanted = array_keys(array_intersect_key($lengths, array_slice($shortest, 0, 500, true)));
        $found = new FurtherDistances($at, [new Distance('read', 'B1', 'A1', 2400.0, 1.0)], TapeClass::Steel);
        $this->assertSame($wanted, array_map(fn (array $pair) => "{$pair[0]} {$pair[1]}", $found->pairs));
        $this->assertSame(TapeClass::Steel->sigma(Length::millimetres($lengths[$wanted[0]])), $found->pairs[0][2]);
        $near = new FurtherDistances($at, [], TapeClass::Steel, 2500.0);
        $this->assertCount(7 * 10 + 8 * 9, $near->pairs);
    }

    /** @return array{array<string, Vector>, array<string, Vector>} */
    private function frame(): array
    {
        $design = ['A' => [0.0, 0.0], 'B' => [2400.0, 0.0], 'C' => [4800.0, 0.0], 'D' => [0.0, 3000.0], 'E' => [2400.0, 3000.0], 'F' => [4800.0, 3000.0]];
        $off = ['A' => [1.0, 0.5], 'B' => [-1.0, 0.2], 'C' => [0.3, -0.6], 'D' => [0.4, 0.9], 'E' => [-0.7, -0.8], 'F' => [40.0, 12.0]];

        $stand = array_map(fn (array $at, array $by) => new Vector($at[0] + $by[0], $at[1] + $by[1]), $design, $off);

        return [array_map(fn (array $at) => new Vector(...$at), $design), array_combine(array_keys($design), $stand)];
    }

    /**
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     * @return list<string>
     */
    private function out(Placement $placement, array $design, array $stand): array
    {
        return array_map(strval(...), array_keys(array_filter($placement->moves($design, $stand), fn (Vector $move) => $move->length() > 6.0)));
    }
}
