<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\JobKind;
use Aequus\Plan\Place\MustFit;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Ask\Pick;
use Aequus\Thing\Make\Figure;
use Aequus\Thing\Make\Made;
use Aequus\Thing\Make\ProfilePiece;
use Aequus\Thing\Make\ProfileShape;
use Aequus\Thing\Things;
use Aequus\Words\Plan\FitWords;
use Aequus\Words\Thing\ThingWords;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What must get in, under the roof that was made for it. Millimetres. */
final class MachineTest extends TestCase
{
    /** Seed 2611: driven in step by step, nothing of it comes nearer to the roof or the opening than was asked; and a lower roof would be too low. */
    public function test_it_drives_in_under_the_high_side_and_the_low_side_is_as_low_as_that_lets_it_be(): void
    {
        $dice = new Randomizer(new Mt19937(2611));
        for ($round = 0; $round < 60; $round++) {
            $points = $this->profile($dice);
            $tall = max(array_column($points, 1));
            [$fall, $margin, $thick, $over] = [$dice->getInt(50, 900), $dice->getInt(50, 400), $dice->getInt(100, 250), $dice->getInt(0, 300)];
            $deep = (int) end($points)[0] + 2 * $margin + 2 * $thick + $dice->getInt(0, 1500);
            $made = $this->made([
                'machine_high' => $tall, 'machine_profile' => $points, 'fall' => $fall, 'margin' => $margin, 'post_thick' => $thick, 'deep' => $deep,
                'way_in' => Pick::HighSide, 'door_kind' => Pick::Leaves, 'door_over' => $over,
            ]);
            [$low, $run] = [$this->figure($made, Figure::LowSide), $deep - $thick];
            $this->assertEqualsWithDelta($low + $fall, $made->plan->standing->inMillimetres(), 1e-5, 'posts are bought for the high side');
            $least = $this->leastRoom($points, $low, $fall, $run, $thick / 2 + $margin);
            $this->assertGreaterThan($margin - 0.01, $least);
            $this->assertGreaterThan($tall + $margin + $over - 0.01, $low + $fall, 'the opening under the high side');
            $this->assertLessThan(0.02, min($least - $margin, $low + $fall - ($tall + $margin + $over)), 'no lower');
        }
    }

    public function test_every_bay_it_may_drive_in_by_is_held_against_it(): void
    {
        $fits = fn (array $said): array => array_map(fn (MustFit $fit) => [$fit->from->value, $fit->to->value, FitWords::name($fit), $fit->high?->inMillimetres()], $this->made($said)->plan->fit->things);
        $this->assertSame(['1.1', '2.1', 'machine', 2900.0], $fits(['bays' => 3])[0]);
        $this->assertCount(3, $fits(['bays' => 3]));
        $end = $fits(['way_in' => Pick::AtAnEnd, 'deep' => 6400]);
        $this->assertSame([['1.1', '1.2'], ['1.2', '1.3']], array_map(fn (array $fit) => array_slice($fit, 0, 2), $end));
        foreach ([[], ['door_kind' => Pick::Leaves], ['way_in' => Pick::AtAnEnd], ['way_in' => Pick::HighSide, 'fall' => 500]] as $said) {
            foreach ($this->made($said)->plan->openings() as $opening) {
                $this->assertTrue($opening->fits());
                $this->assertTrue(isset($said['way_in']) || $opening->spare->isZero(), 'just what it needs, frames counted');
            }
        }
    }

    /** The side view shows the roof over the machine: its outline, on the side it came in to. */
    public function test_the_side_view_holds_the_machine_under_the_roof(): void
    {
        $points = [[0, 900], [1500, 1200], [2000, 2600], [3600, 2600], [4200, 1500]];
        foreach ([Pick::HighSide, Pick::LowSide] as $way) {
            $pieces = $this->made(['machine_profile' => $points, 'fall' => 500, 'way_in' => $way])->profile->pieces;
            $of = fn (ProfileShape $shape): array => array_values(array_filter($pieces, fn (ProfilePiece $piece) => $piece->shape === $shape));
            [$roof] = $of(ProfileShape::Roof);
            $this->assertEqualsWithDelta(500, $roof->high->minus($roof->low)->inMillimetres(), 1e-5);
            $lines = $of(ProfileShape::Outline);
            $this->assertSame([900.0, 1200.0, 2600.0, 2600.0, 1500.0, 0.0], array_map(fn (ProfilePiece $line) => $line->high->inMillimetres(), $lines));
            // Its front stops beside the low posts where it came in under the high side, beside the high ones else.
            [$stop, $along] = $way === Pick::HighSide ? [375, 1] : [5850 - 375, -1];
            foreach ([0, 1500, 2000, 3600, 4200, 4200] as $i => $at) {
                $this->assertEqualsWithDelta($stop + $along * $at, $lines[$i]->right->inMillimetres(), 1e-5);
            }
        }
        $this->assertSame([], array_filter($this->made([])->profile->pieces, fn (ProfilePiece $piece) => $piece->shape === ProfileShape::Roof));
    }

    /** @return non-empty-list<array{float, float}> along and height, whole millimetres */
    private function profile(Randomizer $dice): array
    {
        $points = [[0.0, (float) $dice->getInt(0, 2500)]];
        for ($i = $dice->getInt(1, 6); $i > 0; $i--) {
            $points[] = [end($points)[0] + $dice->getInt(100, 1500), (float) $dice->getInt(300, 2800)];
        }

        return $points;
    }

    /**
     * Every ten millimetres of the machine at every hundred of its way, down to where it stops.
     *
     * @param  non-empty-list<array{float, float}>  $points
     */
    private function leastRoom(array $points, float $low, float $rise, float $run, float $stop): float
    {
        $least = INF;
        for ($front = $run; $front > $stop - 100; $front -= 100) {
            $front = max($front, $stop);
            for ($i = 1; $i < count($points); $i++) {
                for ($share = 0.0; $share <= 1.0; $share += 0.05) {
                    $from = $front + $points[$i - 1][0] + $share * ($points[$i][0] - $points[$i - 1][0]);
                    if ($from <= $run) {
                        $least = min($least, $low + $rise * $from / $run - $points[$i - 1][1] - $share * ($points[$i][1] - $points[$i - 1][1]));
                    }
                }
                $end = $front + $points[$i][0];
                $least = $end <= $run ? min($least, $low + $rise * $end / $run - $points[$i][1]) : $least;
            }
        }

        return $least;
    }

    /** @param  array<string, mixed>  $said  lengths in mm */
    private function made(array $said): Made
    {
        $thing = Things::of(JobKind::PoleBuilding) ?? $this->fail();
        $said = array_map(fn (mixed $one) => match (true) {
            is_array($one) => array_map(fn (array $row) => array_map(Length::millimetres(...), $row), $one),
            is_int($one) || is_float($one) => Length::millimetres($one),
            default => $one,
        }, array_diff_key($said, ['bays' => 0])) + array_intersect_key($said, ['bays' => 0]);

        return $thing->make(Heard::usual(Notation::millimetres(0), ThingWords::sides(JobKind::PoleBuilding), $thing->asks(), $said));
    }

    private function figure(Made $made, Figure $figure): float
    {
        foreach ($made->figures as $fact) {
            if ($fact->is === $figure) {
                $number = $fact->part('number');

                return $number instanceof Length ? $number->inMillimetres() : $this->fail();
            }
        }
        $this->fail("{$figure->name} is not told.");
    }
}
