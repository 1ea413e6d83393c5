<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\Depths\FootingRefused;
use Aequus\Footing\Holding\FormTube;
use Aequus\Footing\Materials\Bag;
use Aequus\Footing\Materials\BagForecast;
use Aequus\Footing\Materials\Concrete;
use Aequus\Footing\Materials\Foam;
use Aequus\Footing\Materials\Gravel;
use Aequus\Footing\Materials\Hole;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** What goes into a hole, and what comes out of it. */
final class FillVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'fill';

    #[DataProvider('pours')]
    public function test_the_concrete_of_one_hole(array $input, Expected $expect): void
    {
        $h = $input['hole'];
        $hole = match ($h['shape']) {
            'cylinder' => Hole::cylinder(self::mm($h['diameter']), self::mm($h['depth'])),
            'box' => Hole::box(self::mm($h['side_x']), self::mm($h['side_y']), self::mm($h['depth'])),
            'bell' => Hole::bell(self::mm($h['diameter']), self::mm($h['depth']), self::mm($h['bell_height']), self::mm($h['bell_diameter'])),
        };
        $p = $input['post'];
        $post = $p === null ? null
            : ($p['shape'] === 'round' ? Section::round(self::mm($p['diameter'])) : Section::rectangle(self::mm($p['b']), self::mm($p['d'])));
        $concrete = Concrete::volume(
            $hole, self::mm($input['concrete_from']), self::mm($input['concrete_to']), $post, self::mm($p['foot'] ?? 0),
            self::mm($input['form']['diameter'] ?? null), self::mm($input['form']['height'] ?? null),
        );
        $this->assertNumber($expect['concrete_mm3'], $concrete);
        $this->assertNumber($expect['concrete_litres'], $concrete / 1e6);
        $this->assertNumber($expect['concrete_ft3'], $concrete / Concrete::CUBIC_FOOT);
        if (isset($expect['hole_mm3'])) {
            $this->assertNumber($expect['hole_mm3'], $hole->volume());
            $this->assertNumber($expect['loose_spoil_mm3'], $hole->looseSpoil());
        }
    }

    public static function pours(): Generator
    {
        yield from Vectors::of('fill', 'concrete');
    }

    #[DataProvider('bags')]
    public function test_how_many_bags_a_job_needs(array $input, Expected $expect): void
    {
        $bag = $this->bag($input['bag']);
        $this->assertNumber($expect['yield_mm3'], $bag->yield);
        $this->assertSame(
            $expect['bags'],
            $input['per_hole'] ? $bag->forEachHole($input['volumes_mm3'], $input['waste']) : $bag->forJob($input['volumes_mm3'], $input['waste']),
        );
    }

    public static function bags(): Generator
    {
        yield from Vectors::of('fill', 'bags');
    }

    #[DataProvider('forecasts')]
    public function test_at_which_hole_the_bags_on_site_run_out(array $input, Expected $expect): void
    {
        $holes = array_map(floatval(...), array_column($input['holes_in_pouring_order'], 'volume_mm3', 'name'));
        $forecast = $input['per_hole']
            ? BagForecast::eachAlone($holes, $this->bag($input['bag']), $input['waste'], $input['bags_left'])
                : BagForecast::together($holes, $this->bag($input['bag']), $input['waste'], $input['bags_left']);
        $this->assertSame(
            [$expect['bags_needed'], $expect['bags_left_after'], $expect['runs_out_at']],
            [$forecast->needed, $forecast->leftAfter, $forecast->runsOutAt],
        );
    }

    public static function forecasts(): Generator
    {
        yield from Vectors::of('fill', 'forecast');
    }

    public function test_foam_gravel_and_a_tube_that_floats(): void
    {
        foreach (Vectors::of('fill', 'foam') as [$input, $expect]) {
            $this->assertSame($expect['units'], Foam::packs($input['volume_mm3'], $input['pack_ft3'] ?? Foam::PACK_CUBIC_FEET));
        }
        foreach (Vectors::of('fill', 'gravel') as [$input, $expect]) {
            $this->assertNumber($expect['mass_t'], Gravel::tonnes($input['volume_mm3']));
        }
        foreach (Vectors::of('fill', 'tube_float') as [$input, $expect]) {
            $this->assertNumber(
                $expect['uplift_kn'],
                $input['closed_at_foot'] ? FormTube::lift(self::mm($input['outside_diameter']), self::mm($input['water_depth'])) : 0.0,
            );
        }
    }

    public function test_concrete_is_never_negative_and_grows_with_depth_where_the_hole_is_filled(): void
    {
        $post = Section::rectangle(self::mm(140), self::mm(140));
        $before = 0.0;
        for ($depth = 50; $depth <= 1500; $depth += 50) {
            $hole = Hole::cylinder(self::mm(350), self::mm($depth));
            $full = Concrete::volume($hole, Length::zero(), self::mm($depth), $post, Length::zero());
            $this->assertGreaterThan($before, $full);
            $this->assertGreaterThanOrEqual(
                0.0, Concrete::volume(Hole::cylinder(self::mm(100), self::mm($depth)), Length::zero(), self::mm($depth), $post, Length::zero()),
            );
            $before = $full;
        }
    }

    public function test_a_bell_that_does_not_fit_its_hole_is_refused(): void
    {
        $this->expectException(FootingRefused::class);
        Hole::bell(self::mm(300), self::mm(200), self::mm(250), self::mm(500));
    }

    private function bag(array $bag): Bag
    {
        return isset($bag['mass_lb']) ? Bag::pounds($bag['mass_lb']) : Bag::kilograms($bag['mass_kg']);
    }
}
