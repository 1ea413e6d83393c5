<?php

declare(strict_types=1);

namespace Tests\Core\Set;

use Aequus\Logbook\Set\Bubble;
use Aequus\Measure\Slope;
use Aequus\Plan\Terms\Shift;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;
use Aequus\Set\FaceReading;
use Aequus\Set\Lean;
use Aequus\Set\PlumbRefused;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Told;
use Tests\Vectors;
use Tests\VectorTestCase;

final class PlumbVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'plumb';

    #[DataProvider('posts')]
    public function test_which_way_a_post_leans_and_how_to_pull_it(array $input, Expected $expect): void
    {
        $names = new SideNames(
            $input['side_names']['minus_y'], $input['side_names']['plus_y'], $input['side_names']['minus_x'], $input['side_names']['plus_x'],
        );
        try {
            $readings = array_map(fn (array $reading) => $this->reading($reading, $names), $input['readings']);
        } catch (PlumbRefused $refusal) {
            $this->assertTrue($expect['refused'], Told::refusal($refusal));
            foreach ($expect['must_name'] as $name) {
                $this->assertStringContainsString($name, Told::refusal($refusal));
            }

            return;
        }
        $this->assertFalse($expect['refused']);
        $lean = Lean::from($readings);
        $levels = array_map(self::mm(...), $input['levels']);
        $pivot = $input['stage'] === 'filled' ? $levels['grade'] : $levels['foot'];
        [$top, $brace] = [$levels['top']->minus($pivot), $levels['brace']->minus($pivot)];

        $this->assertNumber($expect['slope_x'], $lean->slopeX, 'slope x');
        $this->assertNumber($expect['slope_y'], $lean->slopeY, 'slope y');
        $this->assertNumber($expect['top_x'], $lean->slopeX * $top->inMillimetres(), 'top x');
        $this->assertNumber($expect['top_y'], $lean->slopeY * $top->inMillimetres(), 'top y');
        $this->assertSame($expect['half_known'], $lean->isHalfKnown());
        $this->assertLength($expect['size'], $lean->outOfPlumb($top), 'size');
        $this->assertPulls($expect['top_leans'], $lean->at($top), $names);
        $this->assertPulls($expect['pull'], $lean->pullAt($top), $names);
        $this->assertPulls($expect['push_at_brace'], $lean->pullAt($brace), $names);
        $this->assertSame($expect['in_tolerance'], $lean->isWithin($input['tolerance_n']));
        if (isset($expect['own_error_slope'])) {
            $this->assertNumber($expect['own_error_slope'], Lean::ownError($readings[0], $readings[1]), 'own error');
        }
    }

    public static function posts(): Generator
    {
        return Vectors::of('plumb', 'plumb');
    }

    #[DataProvider('shimTests')]
    public function test_a_shim_tells_what_the_vials_line_stands_for(array $input, Expected $expect): void
    {
        $this->assertNumber($expect['level_figure'], Slope::fromGap(self::mm($input['shim_on_the_line']), self::mm($input['level_length']))->ratio);
    }

    public static function shimTests(): Generator
    {
        return Vectors::of('plumb', 'shim_test');
    }

    #[DataProvider('drifts')]
    public function test_what_the_fill_did_to_a_post(array $input, Expected $expect): void
    {
        $names = new SideNames('lane', 'orchard', 'barn', 'stream');
        $lean = fn (array $readings) => Lean::from(array_map(fn (array $reading) => $this->reading($reading, $names), $readings));
        $drift = $lean($input['after'])->since($lean($input['before']));
        $this->assertNumber($expect['drift_slope_x'], $drift->slopeX);
        $this->assertNumber($expect['drift_slope_y'], $drift->slopeY);
    }

    public static function drifts(): Generator
    {
        return Vectors::of('plumb', 'drift');
    }

    #[DataProvider('expectedDrifts')]
    public function test_the_next_fill_is_foretold_only_after_three(array $input, Expected $expect): void
    {
        $expected = Lean::expectedDrift(array_map(fn (array $d) => Lean::slopes($d['drift_slope_x'], $d['drift_slope_y']), $input['seen']));
        $this->assertNumber($expect['expected']['drift_slope_x'] ?? null, $expected?->slopeX);
        $this->assertNumber($expect['expected']['drift_slope_y'] ?? null, $expected?->slopeY);
    }

    public static function expectedDrifts(): Generator
    {
        return Vectors::of('plumb', 'expected_drift');
    }

    private function reading(array $r, SideNames $names): FaceReading
    {
        [$face, $toward] = [Side::from($r['face']), Side::from($r['leans_toward'])];

        return match (true) {
            isset($r['gap']) => FaceReading::gap($face, $toward, self::mm($r['gap']), self::mm($r['level_length']), $names),
            isset($r['angle_rad']) => FaceReading::slope($face, $toward, Slope::fromAngle($r['angle_rad'])),
            isset($r['bob_distance']) => FaceReading::gap($face, $toward, self::mm($r['bob_distance']), self::mm($r['bob_height']), $names),
            default => FaceReading::slope($face, $toward, Bubble::from($r['bubble'])->slope($r['level_figure'] ?? Bubble::USUAL_FIGURE)),
        };
    }

    /** @param  list<Pull>  $pulls compared as a set: the vectors name x first, a builder is told the larger part first */
    private function assertPulls(array $expected, array $pulls, SideNames $names): void
    {
        $this->assertSameSize($expected, $pulls);
        $bySide = array_column(array_map(fn (Shift $pull) => [$pull->toward->value, $pull], $pulls), 1, 0);
        foreach ($expected as $part) {
            $this->assertLength($part['amount'], $bySide[$part['toward']]->amount);
            $this->assertSame($part['side'], $names->nameOf($bySide[$part['toward']]->toward));
        }
    }
}
