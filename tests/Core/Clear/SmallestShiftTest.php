<?php

declare(strict_types=1);

namespace Tests\Core\Clear;

use Aequus\Clear\Clearance;
use Aequus\Clear\SmallestShift;
use Aequus\Logbook\Clear\ServiceLine;
use Aequus\Logbook\Clear\ServiceType;
use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SmallestShiftTest extends TestCase
{
    public function test_one_hole_beside_a_straight_line_moves_square_away_from_it(): void
    {
        $shift = SmallestShift::of([self::at(0, 500)], Length::millimetres(200), [self::line(600, [[-5000, 0], [5000, 0]])]);
        $this->assertEqualsWithDelta([0, 300], [$shift->x->inMillimetres(), $shift->y->inMillimetres()], 0.02);
    }

    public function test_a_hole_that_is_clear_does_not_move(): void
    {
        $shift = SmallestShift::of([self::at(0, 900)], Length::millimetres(200), [self::line(600, [[-5000, 0], [5000, 0]])]);
        $this->assertTrue($shift->x->isZero() && $shift->y->isZero());
    }

    public function test_a_row_either_side_of_a_line_crosses_to_where_both_are_clear(): void
    {
        // Rows at 0 and 2000, a line between them nearer to the second: all must go one way.
        $holes = [self::at(0, 0), self::at(3000, 0), self::at(0, 2000), self::at(3000, 2000)];
        $line = self::line(600, [[-9000, 1500], [12_000, 1500]]);
        $shift = SmallestShift::of($holes, Length::millimetres(200), [$line]);
        $this->assertEqualsWithDelta([0, 300], [$shift->x->inMillimetres(), $shift->y->inMillimetres()], 0.02);
        self::assertClear($holes, $shift, [$line]);
    }

    /** 60 sites, seed 21: never longer than the best of 1,000 shifts tried at random, and always clear. */
    public function test_no_shift_tried_at_random_is_both_clear_and_shorter(): void
    {
        $dice = new Randomizer(new Mt19937(21));
        $any = fn (int $from, int $to): float => $dice->getInt($from, $to);
        for ($case = 0; $case < 60; $case++) {
            $holes = array_map(fn () => self::at($any(0, 6000), $any(0, 4000)), range(1, 5));
            $services = array_map(
                fn () => self::line($any(200, 500), [[$any(-1000, 7000), -1000], [$any(-1000, 7000), $any(1000, 3000)], [$any(-1000, 7000), 5000]]),
                range(1, 2),
            );
            $shift = SmallestShift::of($holes, Length::millimetres(150), $services);
            $size = hypot($shift->x->inMillimetres(), $shift->y->inMillimetres());
            self::assertClear($holes, $shift, $services);
            for ($try = 0; $try < 1000; $try++) {
                [$x, $y] = [$any(-2000, 2000), $any(-2000, 2000)];
                if (hypot($x, $y) < $size - 0.1) {
                    $this->assertFalse(self::isClear($holes, self::at($x, $y), $services), "case {$case}: {$x}, {$y} is shorter and clear");
                }
            }
        }
    }

    private static function assertClear(array $holes, Point $shift, array $services): void
    {
        self::assertTrue(self::isClear($holes, $shift, $services));
    }

    private static function isClear(array $holes, Point $shift, array $services): bool
    {
        foreach ($holes as $hole) {
            $there = new Point($hole->x->plus($shift->x), $hole->y->plus($shift->y));
            foreach ($services as $service) {
                $radius = Length::millimetres(count($holes) === 5 ? 150 : 200);
                if (Clearance::distance($there, $service->points)->minus($radius)->isShorterThan($service->noDig)) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function at(float $x, float $y): Point
    {
        return new Point(Length::millimetres($x), Length::millimetres($y));
    }

    private static function line(float $noDig, array $points): ServiceLine
    {
        return new ServiceLine(ServiceType::Water, 'water', Length::millimetres($noDig), array_map(fn (array $p) => self::at(...$p), $points));
    }
}
