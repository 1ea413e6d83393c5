<?php

declare(strict_types=1);

namespace Tests\Core\Square;

use Aequus\Measure\Length;
use Aequus\Measure\TapeConditions;
use Aequus\Plan\Terms\Point;
use Aequus\Square\Network\SquareRefused;
use Aequus\Square\SettingOut\Diagonal;
use Aequus\Square\SettingOut\Parallel;
use Aequus\Square\SettingOut\Rack;
use Aequus\Square\SettingOut\RightAngle;
use Aequus\Square\SettingOut\TapeCorrection;
use Aequus\Square\SettingOut\Turn;
use Aequus\Square\SettingOut\TwoTapes;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

final class SquaringVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'squaring';

    private const TAPE_TOLERANCE_MM = 0.02;

    #[DataProvider('diagonals')]
    public function test_the_diagonal_of_a_true_rectangle(array $input, Expected $expect): void
    {
        $this->assertLength($expect['diagonal'], Diagonal::of(self::mm($input['length']), self::mm($input['width'])));
    }

    public static function diagonals(): Generator
    {
        return Vectors::of('squaring', 'diagonal');
    }

    #[DataProvider('rightAngles')]
    public function test_the_largest_three_four_five_inside_two_legs(array $input, Expected $expect): void
    {
        $angle = RightAngle::largest(self::mm($input['leg_x']), self::mm($input['leg_y']), self::mm($input['unit']));
        $this->assertSame($expect['k'] ?? null, $angle?->multiple);
        $this->assertLength($expect['on_x'] ?? null, $angle?->onX);
        $this->assertLength($expect['on_y'] ?? null, $angle?->onY);
        $this->assertLength($expect['diagonal'] ?? null, $angle?->across);
    }

    public static function rightAngles(): Generator
    {
        return Vectors::of('squaring', 'three_four_five');
    }

    #[DataProvider('crossings')]
    public function test_two_tapes_cross_or_miss_by_so_much(array $input, Expected $expect): void
    {
        if ($expect['refused']) {
            $this->expectException(SquareRefused::class);
        }
        $crossing = TwoTapes::cross(
            new Point(self::mm($input['p_x']), self::mm($input['p_y'])), new Point(self::mm($input['q_x']), self::mm($input['q_y'])),
            self::mm($input['from_p']), self::mm($input['from_q']), Turn::from($input['side']),
        );
        $this->assertSame($expect['meets'], $crossing->meet !== null);
        $this->assertLength($expect['x'], $crossing->meet?->x);
        $this->assertLength($expect['y'], $crossing->meet?->y);
        $this->assertLength($expect['miss'], $crossing->miss);
        $this->assertSame($expect['how'] === 'one inside the other', $crossing->inside);
    }

    public static function crossings(): Generator
    {
        return Vectors::of('squaring', 'two_tapes');
    }

    #[DataProvider('parallels')]
    public function test_how_far_a_line_swings_to_run_parallel(array $input, Expected $expect): void
    {
        $move = Parallel::move(
            self::mm($input['offset_1']), self::mm($input['station_1']), self::mm($input['offset_2']), self::mm($input['station_2']),
            self::mm($input['station']),
        );
        $this->assertLength($expect['move'], $move);
    }

    public static function parallels(): Generator
    {
        return Vectors::of('squaring', 'parallel');
    }

    #[DataProvider('racked')]
    public function test_how_far_the_far_side_of_a_racked_outline_moves(array $input, Expected $expect): void
    {
        $length = Length::sum([self::mm($input['side_ab']), self::mm($input['side_cd'])])->half();
        $this->assertLength($expect['length'], $length);
        $this->assertLength($expect['width'], Length::sum([self::mm($input['side_bc']), self::mm($input['side_da'])])->half());
        $this->assertLength($expect['far_side_shift'], Rack::farSideShift(self::mm($input['diagonal_ac']), self::mm($input['diagonal_bd']), $length));
    }

    public static function racked(): Generator
    {
        return Vectors::of('squaring', 'racked');
    }

    #[DataProvider('sharpness')]
    public function test_what_a_racked_side_does_to_the_diagonals(array $input, Expected $expect): void
    {
        $difference = Rack::diagonalDifference(
            self::mm($input['far_side_off']), self::mm($input['length']), self::mm($input['diagonal_ac']), self::mm($input['diagonal_bd']),
        );
        $this->assertLength($expect['diagonal_difference'], $difference);
    }

    public static function sharpness(): Generator
    {
        return Vectors::of('squaring', 'sharpness');
    }

    #[DataProvider('slopingTapes')]
    public function test_a_tape_on_a_slope_reads_long(array $input, Expected $expect): void
    {
        if ($expect['refused']) {
            $this->expectException(SquareRefused::class);
        }
        $correction = TapeCorrection::of(self::mm($input['tape_length']), self::mm($input['height_difference']), null);
        $this->assertNumber($expect['level_distance'], $correction->corrected);
    }

    public static function slopingTapes(): Generator
    {
        return Vectors::of('squaring', 'sloping_tape');
    }

    #[DataProvider('tapeCorrections')]
    public function test_a_tape_is_corrected_step_by_step(array $input, Expected $expect): void
    {
        $correction = TapeCorrection::of(self::mm($input['reading']), self::mm($input['height_difference'] ?? 0), $this->conditions($input));
        foreach (['temperature', 'pull', 'sag', 'slope'] as $step) {
            $this->assertEqualsWithDelta($expect["{$step}_correction"], $correction->{$step}, self::TAPE_TOLERANCE_MM, $step);
        }
        $this->assertEqualsWithDelta($expect['corrected'], $correction->corrected, self::TAPE_TOLERANCE_MM);
    }

    public static function tapeCorrections(): Generator
    {
        return Vectors::of('squaring', 'tape_correction');
    }

    #[DataProvider('settingOut')]
    public function test_the_mark_to_hold_lays_out_the_level_distance(array $input, Expected $expect): void
    {
        [$wanted, $rise, $conditions] = [self::mm($input['level_distance']), self::mm($input['height_difference'] ?? 0), $this->conditions($input)];
        $mark = TapeCorrection::holdMark($wanted, $rise, $conditions);
        $this->assertEqualsWithDelta($expect['hold_mark'], $mark->inMillimetres(), self::TAPE_TOLERANCE_MM);
        $this->assertEqualsWithDelta($wanted->inMillimetres(), TapeCorrection::of($mark, $rise, $conditions)->corrected, 1e-5);
    }

    public static function settingOut(): Generator
    {
        return Vectors::of('squaring', 'setting_out');
    }

    private function conditions(array $input): ?TapeConditions
    {
        return ($input['tape'] ?? 'steel') === 'fibreglass' ? null : new TapeConditions(
            $input['temperature_c'] ?? null, $input['pull_n'] ?? null,
            array_map(Length::millimetres(...), $input['unsupported_spans'] ?? []), ($input['unsupported'] ?? '') === 'whole',
            $input['pull_reference_n'] ?? 50.0, $input['weight_n_per_m'] ?? 0.15, $input['area_mm2'] ?? 2.5, $input['modulus_n_per_mm2'] ?? 200_000.0,
        );
    }
}
