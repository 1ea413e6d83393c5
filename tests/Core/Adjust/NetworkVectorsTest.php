<?php

declare(strict_types=1);

namespace Tests\Core\Adjust;

use Aequus\Adjust\Distance;
use Aequus\Adjust\FewestMoves;
use Aequus\Adjust\LineOffset;
use Aequus\Adjust\Network;
use Aequus\Adjust\NotDetermined;
use Aequus\Adjust\Station;
use Aequus\Measure\Length;
use Aequus\Measure\TapeClass;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NetworkVectorsTest extends TestCase
{
    /** Every case of tapes of known class from a base line: no strings, no constants, no plans, no ground that slopes. */
    #[DataProvider('networks')]
    public function test_stakes_stand_where_an_independent_adjustment_puts_them(array $input, array $expect): void
    {
        $design = [];
        $stations = array_map(function (array $stake) use (&$design): Station {
            $design[$stake['name']] = [$stake['design_x'], $stake['design_y']];

            return new Station($stake['name'], $stake['design_x'], $stake['design_y']);
        }, $input['stakes']);
        $tape = TapeClass::from($input['tape_class']);
        $readings = array_map(fn (array $d) => new Distance($d['id'], $d['from'], $d['to'], $d['distance'], $tape->sigma(Length::millimetres($d['distance']))), $input['distances']);
        try {
            $adjusted = (new Network($stations, $readings, $input['datum']['p'], $input['datum']['q']))->adjust();
        } catch (NotDetermined $refusal) {
            $this->assertTrue($expect['refused'], $refusal->getMessage());
            foreach ($expect['must_name'] as $name) {
                $this->assertStringContainsString($name, $refusal->getMessage());
            }

            return;
        }
        $this->assertFalse($expect['refused']);
        $first = $expect['first'];
        $this->assertSame($first['degrees_of_freedom'], $adjusted->surplus);
        $this->assertEqualsWithDelta($first['sum_squares'], $adjusted->sumOfSquares, 1e-4 * $first['sum_squares'] + 1e-6);
        foreach ($first['stakes'] as $stake) {
            $this->assertEqualsWithDelta([$stake['x'], $stake['y']], $adjusted->at[$stake['name']], 1e-3);
            $this->assertEqualsWithDelta($stake['std_x'], $adjusted->deviations[$stake['name']][0], 1e-4);
            $this->assertEqualsWithDelta($stake['std_y'], $adjusted->deviations[$stake['name']][1], 1e-4);
        }
        foreach ($first['readings'] as $reading) {
            $this->assertEqualsWithDelta($reading['residual'], $adjusted->residuals[$reading['id']], 1e-3);
        }
    }

    public static function networks(): Generator
    {
        $known = ['tape_class', 'stakes', 'datum', 'distances', 'tape_reach'];
        foreach (self::cases('tape_network') as $case) {
            $plain = array_diff(array_keys($case['input']), $known) === []
                && array_diff(array_merge(...array_map(array_keys(...), $case['input']['distances'])), ['id', 'from', 'to', 'distance']) === []
                && array_diff(array_merge(...array_map(array_keys(...), $case['input']['stakes'])), ['name', 'design_x', 'design_y']) === [];
            if ($plain) {
                yield $case['name'] => [$case['input'], $case['expect']];
            }
        }
    }

    #[DataProvider('placements')]
    public function test_the_placement_that_moves_the_fewest_stakes(array $input, array $expect): void
    {
        $design = $stand = [];
        foreach ($input['stakes'] as $stake) {
            $design[$stake['name']] = [$stake['design_x'], $stake['design_y']];
            $stand[$stake['name']] = [$stake['adjusted_x'], $stake['adjusted_y']];
        }
        $moves = FewestMoves::of($design, $stand, $input['tolerance']);
        foreach ($expect['moves'] as $move) {
            $this->assertEqualsWithDelta([$move['move_x'], $move['move_y']], $moves[$move['name']], 1e-5, $move['name']);
        }
    }

    public static function placements(): Generator
    {
        foreach (self::cases('moves') as $case) {
            if ($case['input']['kind'] === 'moves' && $case['input']['way'] === 'fewest_moves' && ! isset($case['input']['held']) && count($case['input']['stakes']) <= 60) {
                yield $case['name'] => [$case['input'], $case['expect']];
            }
        }
    }

    public function test_an_offset_from_a_line_is_positive_on_its_left(): void
    {
        $at = ['A1' => [100.0, 30.0]];
        $this->assertSame(30.0, (new LineOffset('w', 'A1', [0.0, 0.0], [500.0, 0.0], 30))->computed($at));
        $this->assertSame(-30.0, (new LineOffset('w', 'A1', [500.0, 0.0], [0.0, 0.0], 30))->computed($at));
    }

    /** @return list<array<string, mixed>> */
    private static function cases(string $topic): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../../vectors/{$topic}.json"), true, flags: JSON_THROW_ON_ERROR)['cases'];
    }
}
