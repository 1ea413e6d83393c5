<?php

declare(strict_types=1);

namespace Tests\Core\Footing;

use Aequus\Footing\FrostEstimate;
use Aequus\Footing\Loads\Bearing;
use Aequus\Footing\Loads\RoofOrFloor;
use Aequus\Footing\Loads\SidewaysLoad;
use Aequus\Footing\Loads\TributaryAreas;
use Aequus\Footing\Loads\Uplift;
use Aequus\Measure\Length;
use Aequus\Plan\Footing\Soil;
use Aequus\Plan\Grid\Grid;
use Aequus\Plan\Grid\GridLines;
use Aequus\Plan\Grid\Spacing;
use Aequus\Plan\Posts\Section;
use Aequus\Plan\Terms\Side;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** Loads, what soil carries, and how deep a post must stand against a push. */
final class LoadVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'depths';

    #[DataProvider('pushes')]
    public function test_how_deep_a_post_stands_against_a_push_from_the_side(array $input, Expected $expect): void
    {
        $post = $input['post']['shape'] === 'round' ? Section::round(self::mm($input['post']['diameter'])) : Section::rectangle(
            self::mm($input['post']['b']), self::mm($input['post']['d']),
        );
        $soil = Soil::from($input['soil'])->lateral() * ($input['half_inch_movement_harmless'] ? 2 : 1);
        $height = Length::feet($input['load_height_ft']);
        $load = $input['held_at_grade']
            ? SidewaysLoad::heldAtGrade($input['load_lb'], $height, $post, $soil)
                : SidewaysLoad::freeAtGrade($input['load_lb'], $height, $post, $soil);
        $this->assertEqualsWithDelta($expect['width_ft'], SidewaysLoad::width($post), 1e-5);
        $this->assertEqualsWithDelta($expect['lateral_bearing_lb_per_ft2_per_ft'], $soil, 1e-9);
        $this->assertEqualsWithDelta($expect['depth_ft'], $load->feet, 1e-5);
        $this->assertSame($expect['valid'], $load->valid);
        if (! $input['held_at_grade']) {
            // Put into d³ = K·d + 1.09·h·K, the depth found must make it true.
            $k = $expect['k_ft2'];
            $this->assertEqualsWithDelta($load->feet ** 3, $k * $load->feet + 1.09 * $input['load_height_ft'] * $k, 1e-6 * $load->feet ** 3);
            // The code's own form of the same rule, put in.
            $a = 2.34 * $input['load_lb'] / ($soil * $load->feet / 3 * SidewaysLoad::width($post));
            $this->assertEqualsWithDelta($load->feet, $a / 2 * (1 + sqrt(1 + 4.36 * $input['load_height_ft'] / $a)), 1e-2 * $load->feet);
        }
    }

    public static function pushes(): Generator
    {
        yield from Vectors::of('depths', 'sideways');
    }

    #[DataProvider('covers')]
    public function test_what_each_post_carries_of_a_roof(array $input, Expected $expect): void
    {
        $lines = fn (array $bays) => GridLines::fresh(Spacing::bays(array_map(Length::feet(...), $bays)));
        $full = new Grid($lines($input['bays_x_ft']), $lines($input['bays_y_ft']));
        $grid = new Grid($full->columns, $full->rows, array_map(fn (string $label) => $full->labelled($label)->id, $input['left_out']));
        $areas = TributaryAreas::covering($grid, Length::inches(3.5), $input['beams_along'] === 'x' ? Side::PlusX : Side::PlusY, [
            'minus_x' => Length::feet($input['overhang_minus_x_ft']), 'plus_x' => Length::feet($input['overhang_plus_x_ft']),
            'minus_y' => Length::feet($input['overhang_minus_y_ft']), 'plus_y' => Length::feet($input['overhang_plus_y_ft']),
        ]);
        foreach ($expect['posts'] as $post) {
            $area = $areas->areas[$grid->labelled($post['name'])];
            $this->assertEqualsWithDelta(
                [$post['along_beam_ft'], $post['across_beam_ft'], $post['area_ft2']], [$area->alongBeam, $area->acrossBeam, $area->area], 1e-6,
            );
        }
        $this->assertEqualsWithDelta($expect['covered_area_ft2'], $areas->covered, 1e-6);
        $this->assertEqualsWithDelta($areas->covered, array_sum(array_map(fn ($area) => $area->area, $areas->areas->all())), 1e-6);
    }

    public static function covers(): Generator
    {
        yield from Vectors::of('depths', 'tributary');
    }

    public function test_a_post_a_little_off_its_row_belongs_to_that_row(): void
    {
        $lines = fn (array $bays) => GridLines::fresh(Spacing::bays(array_map(Length::millimetres(...), $bays)));
        $grid = function (array $rows, array $leftOut = []) use ($lines): Grid {
            $full = new Grid($lines([2400, 2400]), $lines($rows));

            return new Grid($full->columns, $full->rows, array_map(fn (string $label) => $full->labelled($label)->id, $leftOut));
        };
        // The far row stands in two rows of the grid, 60 mm apart: A2 in one, B3 and C2 in the others.
        $far = $grid([3000, 60], ['A3', 'B2', 'C3']);
        $straight = $grid([3000]);
        $of = fn (Grid $grid, string $label) => TributaryAreas::covering(
            $grid, Length::millimetres(140), Side::PlusX, [],
        )->areas[$grid->labelled($label)]->area;
        foreach (['A2' => 'A2', 'B3' => 'B2', 'C2' => 'C2', 'B1' => 'B1'] as $label => $same) {
            self::assertEqualsWithDelta($of($straight, $same), $of($far, $label), 0.05 * $of($straight, $same), $label);
        }
        // A metre apart they are two beams, and each post carries what lies beside it.
        $apart = $grid([3000, 1000], ['A3', 'B2', 'C3']);
        self::assertGreaterThan(1.2 * $of($straight, 'B2'), $of($apart, 'A2'));
    }

    public function test_bearing_loads_uplift_and_the_frost_estimate(): void
    {
        foreach (Vectors::of('depths', 'bearing') as [$input, $expect]) {
            $bearing = Bearing::on($input['load_lb'], Soil::from($input['soil']));
            $this->assertNumber($expect['bearing_lb_per_ft2'], $bearing->allowed);
            $this->assertNumber($expect['area_ft2'], $bearing->area);
            $this->assertEqualsWithDelta($expect['round_diameter_ft'], $bearing->roundDiameter->inFeet(), 1e-6);
        }
        foreach (Vectors::of('depths', 'load') as [$input, $expect]) {
            $this->assertNumber(
                $expect['load_lb'],
                array_sum(
                    array_map(
                        fn (array $part) => (new RoofOrFloor(
                            $part['dead_lb_per_ft2'], $part['live_lb_per_ft2'], $part['snow_lb_per_ft2'],
                        ))->load($part['area_ft2']),
                        $input['parts'],
                    ),
                ),
            );
        }
        foreach (Vectors::of('depths', 'uplift') as [$input, $expect]) {
            $uplift = new Uplift(
                $input['suction_lb_per_ft2'], $input['area_ft2'], $input['dead_load_lb'], $input['post_weight_lb'], $input['concrete_volume_ft3'],
            );
            $this->assertNumber($expect['uplift_lb'], $uplift->pounds);
            $this->assertSame($expect['needs_holding_down'], $uplift->needsHoldingDown);
        }
        foreach (Vectors::of('depths', 'frost_estimate') as [$input, $expect]) {
            $this->assertEqualsWithDelta(
                $expect['frost_depth_m'] * 1000,
                FrostEstimate::depth($input['freezing_index_c_days'], $input['dry_density_kg_per_m3'], $input['water_content'])->inMillimetres(),
                1e-5,
            );
        }
    }
}
