<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Frame\Bearing;
use Aequus\Frame\RowAsCast;
use Aequus\Frame\UnderBeam;
use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use PHPUnit\Framework\TestCase;

/** A beam lies on posts where they were cast, not where they were planned. */
final class RowAsCastTest extends TestCase
{
    public function test_the_beam_grows_with_the_row_and_its_bearings_move(): void
    {
        // Askew on the job: the row runs 3 across to 4 away, so that 5000 lie between A and B, 10 000 between A and C.
        $row = new RowAsCast([
            $this->post('A', 0, 0, new Vector(-6, -8)), $this->post('B', 3000, 4000, new Vector(6, 8)), $this->post('C', 6000, 8000, new Vector(1.2, 1.6)),
        ]);
        $this->assertEqualsWithDelta(10_012, $row->reach->inMillimetres(), 1e-3);
        $this->assertEqualsWithDelta(12, $row->longer->inMillimetres(), 1e-3);
        $this->assertFalse($row->isAsPlanned());
        $this->assertTrue($row->isCast());
        $this->assertSame(['A' => 0.0, 'B' => 5020.0, 'C' => 10_012.0], array_column(
            array_map(fn (Bearing $bearing) => [$bearing->name, round($bearing->at->inMillimetres(), 3)], $row->bearings), 1, 0,
        ));
        $this->assertSame([[], []], [$row->beside, $row->notCast]);
    }

    public function test_a_post_beside_the_line_is_named_only_where_it_is_further_off_than_it_may(): void
    {
        $off = fn (float $y) => array_map(fn (array $one) => [$one[0], round($one[1]->inMillimetres(), 3)], (new RowAsCast([
            $this->post('A', 0, 0, null), $this->post('B', 2000, 0, new Vector(0, $y)), $this->post('C', 4000, 0, null),
        ]))->beside);
        $this->assertSame([[], [], [['B', 10.1]], [['B', 10.1]]], [$off(0), $off(9.9), $off(10.1), $off(-10.1)]);
    }

    public function test_what_is_not_written_down_stands_as_planned_and_is_named(): void
    {
        $row = new RowAsCast([$this->post('A', 0, 0, null), $this->post('B', 2000, 0, new Vector(-0.4, 0)), $this->post('C', 4000, 0, new Vector(-0.4, 0))]);
        $this->assertSame(['A'], $row->notCast);
        $this->assertTrue($row->isAsPlanned(), 'less than can be cut');
        $this->assertTrue($row->isCast());
        $planned = new RowAsCast([$this->post('A', 0, 0, null), $this->post('B', 2000, 0, null)]);
        $this->assertFalse($planned->isCast());
        $this->assertTrue($planned->longer->isZero());
        $shorter = new RowAsCast([$this->post('A', 0, 0, null), $this->post('B', 2000, 0, new Vector(-7, 0))]);
        $this->assertTrue($shorter->longer->isNegative());
        $this->assertFalse($shorter->isAsPlanned());
    }

    private function post(string $label, float $x, float $y, ?Vector $off): UnderBeam
    {
        return new UnderBeam($label, new Vector($x, $y), $off, Length::millimetres(10));
    }
}
