<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Cut\CutRefused;
use Aequus\Cut\Members;
use Aequus\Measure\Length;
use Aequus\Measure\Slope;
use Aequus\Thing\Panel\PanelAsBuilt;
use Aequus\Thing\Panel\PanelBay;
use Aequus\Thing\Terms\ThingRefused;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** Panels and what divides them, against an independent computation. */
final class PanelVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'panels';

    #[DataProvider('bays')]
    public function test_the_bay_of_a_panel(array $input, Expected $expect): void
    {
        $bay = new PanelBay(self::mm($input['panel_width']), self::mm($input['gap']), self::mm($input['cleat']));
        $this->assertLength($expect['clear'], $bay->clear, 'clear');
        $this->assertLength($expect['centres'], $bay->centres(self::mm($input['post_1']), self::mm($input['post_2'])), 'centres');
    }

    #[DataProvider('rows')]
    public function test_the_marks_of_a_row_of_panels(array $input, Expected $expect): void
    {
        $posts = array_map(self::mm(...), $input['posts']);
        try {
            $marks = PanelBay::row(array_map(self::mm(...), $input['panels']), self::mm($input['gap']), self::mm($input['cleat']), $posts);
        } catch (ThingRefused) {
            $this->assertNotSame('', $expect['refused']);

            return;
        }
        $this->assertCount(count($expect['marks']), $marks);
        foreach ($expect['marks'] as $i => $mark) {
            $this->assertLength($mark['centre'], $marks[$i], 'centre');
            $this->assertLength($mark['near_face'], $marks[$i]->minus($posts[$i]->half()), 'near face');
            $this->assertLength($mark['far_face'], $marks[$i]->plus($posts[$i]->half()), 'far face');
        }
    }

    #[DataProvider('asBuilt')]
    public function test_a_panel_between_posts_as_they_stand(array $input, Expected $expect): void
    {
        try {
            $panel = new PanelAsBuilt(
                self::mm($input['clear_at_ground']), Slope::ratio($input['slope_1']), Slope::ratio($input['slope_2']), self::mm($input['panel_bottom']),
                self::mm($input['panel_height']), self::mm($input['panel_width']), self::mm($input['cleat']), self::mm($input['least_gap']),
            );
        } catch (ThingRefused) {
            $this->assertNotSame('', $expect['refused']);

            return;
        }
        $this->assertSame($expect['fits'], $panel->fits());
        $this->assertLength($expect['available'], $panel->available, 'available');
        $this->assertLength($expect['gap'], $panel->gap, 'gap');
        $this->assertLength($expect['trim'], $panel->trim, 'trim');
        $this->assertLength($expect['panel_after_trim'], $panel->afterTrim, 'after trim');
        $corners = $expect['gaps_after_trim'];
        foreach (['left_bottom' => 'leftBottom', 'left_top' => 'leftTop', 'right_bottom' => 'rightBottom', 'right_top' => 'rightTop'] as $name => $corner) {
            $this->assertLength($corners[$name], $panel->gapsAfterTrim[$corner], $name);
        }
        // Whoever would rather move a post than trim moves it by what the panel lacks.
        $this->assertSame($panel->fits() ? [] : $input['movable'] ?? [], array_column($expect['or_move'], 'post'));
        foreach ($expect['or_move'] as $move) {
            $this->assertLength($move['by'], $panel->trim, $move['post']);
        }
    }

    #[DataProvider('cells')]
    public function test_equal_cells_between_dividers(array $input, Expected $expect): void
    {
        try {
            $cells = Members::dividers(self::mm($input['length']), $input['count'], self::mm($input['thickness']));
        } catch (CutRefused) {
            $this->assertNotSame('', $expect['refused']);

            return;
        }
        $this->assertLength($expect['cell'], $cells->gap, 'cell');
        $this->assertCount(count($expect['near_faces']), $cells->nearFaces);
        foreach ($cells->nearFaces as $i => $face) {
            $this->assertLength($expect['near_faces'][$i], $face, 'near face');
            $step = self::mm($input['mark_step'])->nanometres;
            $this->assertLength($expect['marks'][$i], Length::nanometres($step * intdiv(2 * $face->nanometres + $step, 2 * $step)), 'mark');
        }
        $this->assertCount(count($cells->nearFaces), $expect['marks'] ?? []);
    }

    public static function bays(): Generator
    {
        return Vectors::of('panels', 'panel');
    }

    public static function rows(): Generator
    {
        return Vectors::of('panels', 'panel_row');
    }

    public static function asBuilt(): Generator
    {
        return Vectors::of('panels', 'panel_as_built');
    }

    public static function cells(): Generator
    {
        return Vectors::of('panels', 'even_cells');
    }
}
