<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Placement\Allowed;
use Aequus\Adjust\Placement\FewestMoves;
use Aequus\Adjust\Placement\PlacedNetwork;
use Aequus\Adjust\Placement\PlacementWay;
use Aequus\Adjust\Placement\StakeVerdict;
use Aequus\Adjust\Placement\Stretch;
use Aequus\Measure\Vector;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A stake with a tolerance of its own, or with two: its moves are stretched until they compare with the tolerance of the job. */
final class StretchTest extends TestCase
{
    #[TestWith([0.0])]
    #[TestWith([0.4])]
    #[TestWith([-2.1])]
    public function test_along_and_across_each_count_against_their_own_tolerance(float $angle): void
    {
        $along = Vector::toward($angle);
        $stretch = Stretch::of(6.0, 12.0, 48.0, $along);
        // 48 along and 12 across both come to the 6 of the job.
        $this->assertEqualsWithDelta($along->times(6.0), $stretch->move($along->times(48.0)), 1e-12);
        $this->assertEqualsWithDelta($along->left()->times(6.0), $stretch->move($along->left()->times(12.0)), 1e-12);
        $this->assertEqualsWithDelta(new Vector(3.0, 0.0), Stretch::of(6.0, 12.0, 48.0, null)->move(new Vector(6.0, 0.0)), 1e-12);
    }

    public function test_it_turns_with_the_design(): void
    {
        $turned = Stretch::of(6.0, 12.0, 48.0, Vector::toward(0.3))->turned(0.5);
        $this->assertEqualsWithDelta(Stretch::of(6.0, 12.0, 48.0, Vector::toward(0.8)), $turned, 1e-12);
    }

    /** Against the covariance of moves that are drawn one by one. */
    public function test_a_covariance_is_stretched_as_the_moves_are(): void
    {
        $stretch = Stretch::of(5.0, 8.0, 30.0, Vector::toward(0.7));
        $moves = [new Vector(3.0, 1.0), new Vector(-2.0, 4.0), new Vector(0.5, -2.5)];
        $of = function (array $moves): array {
            $sum = fn (callable $part): float => array_sum(array_map($part, $moves));

            return [$sum(fn (Vector $m) => $m->x * $m->x), $sum(fn (Vector $m) => $m->x * $m->y), $sum(fn (Vector $m) => $m->y * $m->y)];
        };
        $this->assertEqualsWithDelta($of(array_map($stretch->move(...), $moves)), $stretch->covariance($of($moves)), 1e-9);
    }

    /** A row of five along x whose third stake is 30 off along it; a search that did not stretch would leave it out. */
    public function test_fewest_moves_leaves_alone_what_stands_off_along_its_row_only(): void
    {
        $design = $stand = $stretches = [];
        foreach (range(0, 4) as $i) {
            $design["P{$i}"] = new Vector(2000.0 * $i, 0.0);
            $stand["P{$i}"] = $design["P{$i}"]->plus(new Vector($i === 2 ? 30.0 : 0.0, 0.0))->turned(0.6)->plus(new Vector(100.0, -40.0));
            $stretches["P{$i}"] = Stretch::of(6.0, 6.0, 40.0, new Vector(1.0, 0.0));
        }
        foreach ([[$stretches, StakeVerdict::Within], [[], StakeVerdict::Out]] as [$given, $verdict]) {
            $placed = PlacedNetwork::ofExact($stand, PlacementWay::FewestMoves, $design, new Allowed(6.0, $given), ['P0', 'P4']) ?? $this->fail();
            $this->assertSame($verdict, $placed->stakes['P2']->verdict);
            $this->assertEqualsWithDelta($verdict === StakeVerdict::Within ? 4.5 : 30.0, $placed->stakes['P2']->counts, 1.0);
        }
        // Where that stake can’t move, all others stay as well: turned with the row it counts as off by 4.5.
        $held = FewestMoves::placement($design, $stand, new Allowed(6.0, $stretches), ['P2']) ?? $this->fail();
        $this->assertEqualsWithDelta(0.6, $held->rotation, 0.001);
        $this->assertLessThan(10.0, max(array_map(fn (Vector $move) => $move->length(), array_diff_key($held->moves($design, $stand), ['P2' => true]))));
        // Across it is judged as before.
        $stand['P2'] = $design['P2']->plus(new Vector(0.0, 9.0))->turned(0.6)->plus(new Vector(100.0, -40.0));
        $placed = PlacedNetwork::ofExact($stand, PlacementWay::FewestMoves, $design, new Allowed(6.0, $stretches), ['P0', 'P4']) ?? $this->fail();
        $this->assertSame(StakeVerdict::Out, $placed->stakes['P2']->verdict);
    }

    public function test_the_shift_along_a_line_is_sought_with_the_same_stretch(): void
    {
        $design = ['A' => new Vector(0.0, 0.0), 'B' => new Vector(3000.0, 0.0), 'C' => new Vector(6000.0, 0.0)];
        $stand = ['A' => new Vector(0.0, 0.0), 'B' => new Vector(3020.0, 0.0), 'C' => new Vector(6000.0, 0.0)];
        $loose = new Allowed(6.0, ['B' => Stretch::of(6.0, 6.0, 40.0, new Vector(1.0, 0.0))]);
        // B can’t move: where it counts as off by 3 only, the two others hold the row; else all must follow B.
        $shift = fn (Allowed $allowed): float => (FewestMoves::shift($design, $stand, $allowed, new Vector(1.0, 0.0), ['B']) ?? $this->fail())->shiftX;
        $this->assertEqualsWithDelta(0.0, $shift($loose), 1e-9);
        $this->assertEqualsWithDelta(20.0, $shift(new Allowed(6.0)), 1e-9);
    }
}
