<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Cut\Members;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;
use Aequus\Set\FaceReading;
use Aequus\Set\Lean;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds for every lean and every row of members, whatever the numbers. */
final class LeanPropertiesTest extends TestCase
{
    use TestTrait;

    /** A quarter turn of the names turns the vector by a quarter: (x, y) becomes (−y, x). */
    public function test_a_plumb_vector_turns_with_renamed_faces(): void
    {
        $turn = [
            Side::MinusY->value => Side::PlusX, Side::PlusX->value => Side::PlusY, Side::PlusY->value => Side::MinusX,
            Side::MinusX->value => Side::MinusY,
        ];
        $this->forAll(
            Generators::choose(-500, 500), Generators::choose(-500, 500), Generators::elements(Side::MinusY, Side::PlusY),
            Generators::elements(Side::MinusX, Side::PlusX),
        )
            ->then(function (int $x, int $y, Side $faceX, Side $faceY) use ($turn): void {
                $read = [[$faceX, Side::alongX($x), abs($x) / 1e5], [$faceY, Side::alongY($y), abs($y) / 1e5]];
                $lean = $this->lean($read);
                $turned = $this->lean(array_map(fn (array $one) => [$turn[$one[0]->value], $turn[$one[1]->value], $one[2]], $read));
                $this->assertEqualsWithDelta([-$lean->slopeY, $lean->slopeX], [$turned->slopeX, $turned->slopeY], 1e-12);
                $this->assertEqualsWithDelta($lean->size(), $turned->size(), 1e-12);
            });
    }

    /** Whatever two directions a pole is read along, they tell the same lean; a third in accord changes nothing. */
    public function test_any_two_directions_tell_how_a_round_pole_leans(): void
    {
        $this->forAll(
            Generators::choose(-400, 400), Generators::choose(-400, 400), Generators::choose(0, 359), Generators::choose(20, 160),
        )->then(function (int $x, int $y, int $first, int $apart): void {
            [$sx, $sy] = [$x / 1e5, $y / 1e5];
            $read = function (int $bearing) use ($sx, $sy): FaceReading {
                $slope = $sx * cos(deg2rad($bearing)) + $sy * sin(deg2rad($bearing));

                return FaceReading::along($slope < 0 ? $bearing + 180 : $bearing, Slope::ratio(abs($slope)));
            };
            $two = Lean::from([$read($first), $read($first + $apart)]);
            $this->assertEqualsWithDelta([$sx, $sy], [$two->slopeX, $two->slopeY], 1e-9);
            $this->assertFalse($two->isHalfKnown());
            $three = Lean::from([$read($first), $read($first + $apart), $read($first + 77)]);
            $this->assertEqualsWithDelta([$sx, $sy], [$three->slopeX, $three->slopeY], 1e-9);
            $this->assertTrue(Lean::from([$read($first), $read($first + 4)])->isHalfKnown(), 'almost the same direction twice');
        });
    }

    public function test_a_pull_takes_the_top_back_over_its_foot(): void
    {
        $this->forAll(
            Generators::choose(-300, 300), Generators::choose(-300, 300), Generators::choose(500, 6000),
        )->then(function (int $x, int $y, int $height): void {
            $lean = Lean::slopes($x / 1e5, $y / 1e5);
            $sum = ['x' => 0.0, 'y' => 0.0];
            foreach ([...$lean->at(Length::millimetres($height)), ...$lean->pullAt(Length::millimetres($height))] as $part) {
                $sum[$part->toward->isAlongX() ? 'x' : 'y'] += $part->toward->sign() * $part->amount->inMillimetres();
            }
            $this->assertEqualsWithDelta(['x' => 0.0, 'y' => 0.0], $sum, 1e-6);
            $this->assertSame([], array_filter($lean->pullAt(Length::millimetres($height)), fn (Shift $part) => $part->amount->isNegative()));
        });
    }

    public function test_two_drifts_add_up_to_the_whole(): void
    {
        $this->forAll(
            Generators::choose(-300, 300), Generators::choose(-300, 300), Generators::choose(-300, 300),
        )->then(function (int $before, int $between, int $after): void {
            [$one, $two, $three] = array_map(fn (int $x) => Lean::slopes($x / 1e5, -$x / 2e5), [$before, $between, $after]);
            $this->assertEqualsWithDelta($three->since($one)->slopeX, $two->since($one)->slopeX + $three->since($two)->slopeX, 1e-12);
        });
    }

    public function test_even_members_end_exactly_at_the_length_less_one_thickness(): void
    {
        $this->forAll(
            Generators::choose(1000, 12000), Generators::choose(2, 40), Generators::choose(18, 75),
        )->then(function (int $length, int $count, int $thickness): void {
            if ($count * $thickness > $length) {
                return;
            }
            $members = Members::even(Length::millimetres($length), $count, Length::millimetres($thickness));
            $this->assertTrue($members->nearFaces[$count - 1]->equals(Length::millimetres($length - $thickness)));
            $this->assertTrue($members->nearFaces[0]->isZero());
            $this->assertFalse($members->gap?->isNegative());
        });
    }

    /** @param  list<array{Side, Side, float}>  $read  face, toward, slope */
    private function lean(array $read): Lean
    {
        return Lean::from(array_map(fn (array $one) => FaceReading::slope($one[0], $one[1], Slope::ratio($one[2])), $read));
    }
}
