<?php

declare(strict_types=1);

namespace Tests\Core\Thing;

use Aequus\Footing\Loads\SidewaysLoad;
use Aequus\Measure\Length;
use Aequus\Plan\Posts\Section;
use Aequus\Thing\Socket\Probes;
use Aequus\Thing\Socket\Socket;
use Aequus\Thing\Socket\SocketReading;
use Aequus\Thing\Socket\SocketSide;
use Aequus\Thing\Socket\TakeOff;
use Aequus\Thing\Terms\ThingRefused;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Expected;
use Tests\Vectors;
use Tests\VectorTestCase;

/** A new post in an old socket, against an independent computation. */
final class SocketVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'repair2';

    #[DataProvider('openings')]
    public function test_one_opening_and_one_depth(array $input, Expected $expect): void
    {
        $side = fn (string $name) => new SocketSide($name, [SocketReading::width(Length::zero(), self::mm($input["opening_{$name}"]))], null);
        $socket = new Socket($side('a'), $side('b'), self::mm($input['post_p']), self::mm($input['post_q']), self::mm($input['clearance'] ?? 2.0));
        $this->assertSame($expect['way'], $socket->better->isTurned ? 'turned' : 'as_given');
        $ofP = fn (TakeOff $way): Length => $way->isTurned ? $way->bMinus : $way->aMinus;
        $ofQ = fn (TakeOff $way): Length => $way->isTurned ? $way->aMinus : $way->bMinus;
        $this->assertLength($expect['take_off_p'], $ofP($socket->better), 'p');
        $this->assertLength($expect['take_off_q'], $ofQ($socket->better), 'q');
        $this->assertSame([$expect['wedges_p'], $expect['wedges_q']], [$ofP($socket->better)->isNegative(), $ofQ($socket->better)->isNegative()]);
        foreach ([$socket->asGiven, $socket->turned] as $i => $way) {
            $this->assertLength($expect['both_ways'][$i]['take_off_p'], $ofP($way), $expect['both_ways'][$i]['way']);
            $this->assertLength($expect['both_ways'][$i]['take_off_q'], $ofQ($way), $expect['both_ways'][$i]['way']);
        }
        $reached = new Probes(self::mm($input['depth']), [['middle', null]]);
        $this->assertEqualsWithDelta($expect['reach_over_required'] ?? 0.0, isset($input['required_depth']) ? $reached->share(self::mm($input['required_depth'])) : 0.0, 1e-9);
    }

    #[DataProvider('sockets')]
    public function test_an_opening_read_at_several_depths(array $input, Expected $expect): void
    {
        try {
            $sides = array_map(fn (string $name) => $this->side($name, $input), ['a', 'b']);
            $socket = new Socket(...$sides, p: self::mm($input['post_p']), q: self::mm($input['post_q']), clearance: self::mm($input['clearance'] ?? 2.0));
        } catch (ThingRefused $refused) {
            $this->assertNotSame('', $expect['refused']);
            $this->assertSame($expect['must_name'] ?? [], isset($refused->fact->parts['side']) ? [$refused->fact->part('side')] : []);

            return;
        }
        foreach ($sides as $side) {
            $expected = $expect[$side->name];
            $this->assertLength($expected['clear'], $side->clear, 'clear');
            $this->assertLength($expected['least_minus'], $side->governsMinus->minus, 'least minus');
            $this->assertLength($expected['least_plus'], $side->governsPlus->plus, 'least plus');
            $this->assertLength($expected['governing_depth_minus'], $side->governsMinus->depth, 'governs minus');
            $this->assertLength($expected['governing_depth_plus'], $side->governsPlus->depth, 'governs plus');
            $this->assertLength($expected['place'], $side->place, 'place');
            $this->assertSame($expected['lean_known'], $side->isLeanKnown);
            $this->assertEqualsWithDelta($expected['slope_minus'] ?? null, $side->slopeMinus, 1e-9);
            $this->assertEqualsWithDelta($expected['slope_plus'] ?? null, $side->slopePlus, 1e-9);
        }
        $this->assertSame($expect['way'], $socket->better->isTurned ? 'turned' : 'as_given');
        foreach ([[$expect['take_off'], $socket->better], [$expect['both_ways'][0]['take_off'], $socket->asGiven], [$expect['both_ways'][1]['take_off'], $socket->turned]] as [$expected, $way]) {
            foreach (array_values($expected) as $i => $off) {
                $this->assertLength($off, $way->faces()[$i], array_keys($expected)[$i]);
            }
        }
        $this->assertLength($expect['planed_a'], $socket->better->planedA, 'planed a');
        $this->assertLength($expect['planed_b'], $socket->better->planedB, 'planed b');
        $wedges = array_filter($socket->better->faces(), fn (Length $off) => $off->isNegative());
        $this->assertSame($expect['wedges'], array_values(array_intersect_key(['a_minus', 'a_plus', 'b_minus', 'b_plus'], $wedges)));
    }

    #[DataProvider('probes')]
    public function test_how_deep_a_socket_can_be_emptied(array $input, Expected $expect): void
    {
        $required = self::mm($input['required'] ?? null) ?? $this->sideways($input['sideways']);
        try {
            $probes = new Probes(self::mm($input['socket_depth']), array_map(fn (array $one) => [$one['place'], self::mm($one['stop'])], $input['probes']));
        } catch (ThingRefused $refused) {
            $this->assertNotSame('', $expect['refused']);
            $this->assertSame($expect['must_name'] ?? [], isset($refused->fact->parts['place']) ? [$refused->fact->part('place')] : []);

            return;
        }
        $this->assertLength($expect['depth_reached'], $probes->depth, 'depth');
        $this->assertSame($expect['governing_probe'], $probes->governing);
        $this->assertLength($expect['required'], $required, 'required');
        $this->assertLength($expect['short_by'], $probes->shortBy($required), 'short by');
        $this->assertSame($expect['renewable'], $probes->shortBy($required)->isZero());
    }

    public static function openings(): Generator
    {
        return Vectors::of('repair', 'socket');
    }

    public static function sockets(): Generator
    {
        return Vectors::of('repair2', 'socket_at_depths');
    }

    public static function probes(): Generator
    {
        return Vectors::of('repair2', 'probe');
    }

    private function side(string $name, array $input): SocketSide
    {
        $readings = array_map(
            fn (array $at) => isset($at[$name]) ? SocketReading::width(self::mm($at['depth']), self::mm($at[$name]))
                : SocketReading::fromPlumbLine(self::mm($at['depth']), self::mm($at["{$name}_minus"]), self::mm($at["{$name}_plus"])),
            $input['readings'],
        );

        return new SocketSide($name, $readings, self::mm($input["place_{$name}"] ?? null));
    }

    private function sideways(array $load): Length
    {
        // A round post: its diameter counts as the width.
        $post = Section::round(Length::feet($load['width_ft']));
        [$pounds, $at] = [$load['side_load_lb'], Length::feet($load['height_ft'])];

        return ($load['held_at_grade'] ? SidewaysLoad::heldAtGrade($pounds, $at, $post, $load['soil_lb_ft2_per_ft'])
            : SidewaysLoad::freeAtGrade($pounds, $at, $post, $load['soil_lb_ft2_per_ft']))->depth();
    }
}
