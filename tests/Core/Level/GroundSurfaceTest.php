<?php

declare(strict_types=1);

namespace Tests\Core\Level;

use Aequus\Level\GroundSurface;
use Aequus\Measure\Vector;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The ground between points whose height is known. */
final class GroundSurfaceTest extends TestCase
{
    public function test_in_a_triangle_the_height_is_that_of_its_plane_and_beside_all_there_is_none(): void
    {
        $surface = new GroundSurface([[new Vector(0.0, 0.0), 0.0], [new Vector(3000.0, 0.0), 300.0], [new Vector(0.0, 3000.0), -600.0]], [[0, 1, 2]]);
        $this->assertEqualsWithDelta([-100.0, 0.0, 300.0, -150.0], array_map(fn (array $at) => $surface->heightAt(new Vector(...$at)), [[1000.0, 1000.0], [0.0, 0.0], [3000.0, 0.0], [1500.0, 1500.0]]), 1e-9);
        $this->assertNull($surface->heightAt(new Vector(1600.0, 1600.0)));
        $this->assertNull($surface->heightAt(new Vector(-1.1, 10.0)));
        $this->assertEqualsWithDelta(-2.09, $surface->heightAt(new Vector(-0.9, 10.0)), 1e-6, 'files round what they say');
    }

    /** Seed 11: on a plane every place within is found, whatever points it was laid through; all triangles together cover what lies within, once. */
    public function test_a_plane_is_found_again_and_no_place_is_covered_twice(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $high = fn (Vector $at): float => 40.0 + $at->x / 25 - $at->y / 80;
        for ($round = 0; $round < 25; $round++) {
            $points = [new Vector(0.0, 0.0), new Vector(9000.0, 0.0), new Vector(9000.0, 6000.0), new Vector(0.0, 6000.0)];
            for ($i = $dice->getInt(0, 25); $i > 0; $i--) {
                $points[] = new Vector((float) $dice->getInt(1, 8999), (float) $dice->getInt(1, 5999));
            }
            $surface = GroundSurface::between(array_map(fn (Vector $at) => [$at, $high($at)], $points));
            $area = array_sum(array_map(fn (array $one) => abs($points[$one[1]]->minus($points[$one[0]])->cross($points[$one[2]]->minus($points[$one[0]]))) / 2, $surface->triangles));
            $this->assertEqualsWithDelta(9000.0 * 6000.0, $area, 1.0);
            for ($i = 0; $i < 40; $i++) {
                $at = new Vector((float) $dice->getInt(0, 9000), (float) $dice->getInt(0, 6000));
                $this->assertEqualsWithDelta($high($at), $surface->heightAt($at), 1e-6);
            }
        }
    }

    public function test_a_grid_of_posts_and_a_single_row_make_what_they_can(): void
    {
        $grid = [];
        foreach ([0.0, 2400.0, 4800.0] as $x) {
            foreach ([0.0, 3000.0] as $y) {
                $grid[] = [new Vector($x, $y), $x / 10];
            }
        }
        $this->assertCount(4, GroundSurface::between($grid)->triangles);
        $this->assertSame([], GroundSurface::between([[new Vector(0.0, 0.0), 1.0], [new Vector(1.0, 0.0), 1.0]])->triangles);
        $this->assertNull(GroundSurface::between([[new Vector(0.0, 0.0), 1.0], [new Vector(1.0, 0.0), 1.0], [new Vector(2.0, 0.0), 1.0]])->heightAt(new Vector(1.0, 0.0)));
    }
}
