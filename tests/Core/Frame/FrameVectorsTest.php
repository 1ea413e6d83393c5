<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Frame\BeamLine;
use Aequus\Frame\Bearing;
use Aequus\Frame\BoardsAcross;
use Aequus\Frame\CornerBrace;
use Aequus\Frame\FrameRefused;
use Aequus\Frame\JointedPly;
use Aequus\Frame\LeanTo;
use Aequus\Frame\SeatCut;
use Aequus\Frame\SlopedMember;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\EndCut;
use Aequus\Stock\Stock;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;
use Tests\Vectors;

/** The frame on the posts against independently computed cases; lengths in millimetres. */
final class FrameVectorsTest extends TestCase
{
    #[DataProvider('cases')]
    public function test_a_piece_of_a_frame_comes_out_as_it_was_computed(array $input, mixed $expect): void
    {
        try {
            $got = match ($input['kind']) {
                'lean_to' => $this->leanTo($input),
                'sloped_member' => $this->member($input),
                'seat' => $this->seat($input),
                'seat_lines' => ['along_top_edge' => array_map(
                    fn (float $at) => (new SlopedMember(self::mm(1e5), $input['slope'], self::mm(100)))->along(self::mm($at))->inMillimetres(), $input['distances'],
                )],
                'beam_line' => $this->beam($input),
                'boards' => $this->boards($input),
                'board_rows' => $this->rows($input),
                'brace' => $this->brace($input),
                default => $this->fail("Nobody works out {$input['kind']}."),
            };
        } catch (FrameRefused $refusal) {
            $this->assertTrue(isset($expect['refused']), Told::refusal($refusal));
            foreach ($expect['must_name'] ?? [] as $name) {
                $this->assertStringContainsString($name, Told::refusal($refusal));
            }

            return;
        }
        $this->assertFalse(isset($expect['refused']), 'It was not refused.');
        foreach ($got as $name => $value) {
            is_float($value) || $name === 'along_top_edge' ? $this->assertEqualsWithDelta($expect[$name], $value, is_float($value) ? max(2e-6, abs($value) * 1e-9) : 2e-6, $name)
                : $this->assertEquals($expect[$name], $value, $name);
        }
    }

    public static function cases(): Generator
    {
        foreach (['lean_to', 'sloped_member', 'seat', 'seat_lines', 'beam_line', 'boards', 'board_rows', 'brace'] as $kind) {
            foreach (Vectors::of('frame', $kind) as $name => $case) {
                yield "{$kind}: {$name}" => $case;
            }
        }
    }

    /** @return array<string, mixed> */
    private function leanTo(array $input): array
    {
        $run = isset($input['run']) ? self::mm($input['run']) : LeanTo::runBetween(
            self::mm($input['centres']), self::mm($input['width_high']), self::mm($input['width_low']), self::mm($input['seat_high']), self::mm($input['seat_low']),
        );
        $roof = isset($input['high']) ? new LeanTo(self::mm($input['high']), self::mm($input['low']), $run) : LeanTo::rising(self::mm($input['low']), $input['slope'], $run);

        return ['run' => $roof->run->inMillimetres(), 'slope' => $roof->slope, 'angle_rad' => $roof->angle, 'high' => $roof->high->inMillimetres(), 'low' => $roof->low->inMillimetres()];
    }

    /** @return array<string, mixed> */
    private function member(array $input): array
    {
        $member = new SlopedMember(
            self::mm($input['run']), $input['slope'], self::mm($input['depth']), EndCut::from($input['high_end'] ?? 'plumb'), EndCut::from($input['low_end'] ?? 'plumb'),
        );

        return [
            'top_edge' => $member->topEdge->inMillimetres(), 'lower_edge' => $member->lowerEdge->inMillimetres(), 'high_end_shift' => $member->highShift->inMillimetres(),
            'low_end_shift' => $member->lowShift->inMillimetres(), 'stock' => $member->stock->inMillimetres(),
        ];
    }

    /** @return array<string, mixed> */
    private function seat(array $input): array
    {
        $seat = new SeatCut(self::mm($input['width']), $input['slope'], self::mm($input['depth']));

        return [
            'heel' => $seat->heel->inMillimetres(), 'notch' => $seat->notch->inMillimetres(), 'left' => $seat->left->inMillimetres(), 'below_two_thirds' => $seat->isBelowTwoThirds,
        ];
    }

    /** @return array<string, mixed> */
    private function beam(array $input): array
    {
        $line = BeamLine::over(self::mm($input['length']), self::bearings($input['marks']), self::stocks($input['stocks']), $input['plies'] ?? 1);

        return [
            'plies' => array_map($this->ply(...), $line->plies), 'pieces' => $line->pieces, 'price' => $line->price, 'staggered' => $line->isStaggered(),
            'shared' => array_map(fn (array $shared) => ['plies' => [$shared[0], $shared[0] + 1], 'post' => $shared[1]], $line->shared),
        ];
    }

    /** @return array<string, mixed> */
    private function rows(array $input): array
    {
        $line = BeamLine::boards(self::mm($input['length']), self::bearings($input['joists']), self::stocks($input['stocks']), $input['rows']);

        return ['rows' => array_map($this->ply(...), $line->plies), 'pieces' => $line->pieces, 'price' => $line->price];
    }

    /** @return array<string, mixed> */
    private function ply(JointedPly $ply): array
    {
        return [
            'joints' => $ply->joints,
            'pieces' => array_map(fn (array $piece) => ['length' => $piece[0]->inMillimetres(), 'stock' => $piece[1]->length->inMillimetres()], $ply->pieces),
        ];
    }

    /** @return array<string, mixed> */
    private function boards(array $input): array
    {
        $boards = new BoardsAcross(self::mm($input['across']), self::mm($input['width']), self::mm($input['gap']));

        return ['count' => $boards->count, 'first' => $boards->first->inMillimetres(), 'last' => $boards->last->inMillimetres(), 'ripped' => $boards->ripped];
    }

    /** @return array<string, mixed> */
    private function brace(array $input): array
    {
        $brace = ($input['leg_to'] ?? '') === 'long_edge'
            ? CornerBrace::toItsLongEdge(self::mm($input['leg']), self::mm($input['width'])) : CornerBrace::toItsCentreLine(self::mm($input['leg']), self::mm($input['width']));

        return [
            'centre_line' => $brace->centreLine->inMillimetres(), 'long_edge' => $brace->longEdge->inMillimetres(), 'short_edge' => $brace->shortEdge->inMillimetres(),
            'leg_centre_line' => $brace->leg->inMillimetres(), 'leg_long_edge' => $brace->legLong->inMillimetres(), 'leg_short_edge' => $brace->legShort->inMillimetres(),
        ];
    }

    /** @return list<Bearing> */
    private static function bearings(array $marks): array
    {
        return array_map(fn (array $mark) => new Bearing($mark['name'], self::mm($mark['at'])), $marks);
    }

    /** @return list<Stock> */
    private static function stocks(array $stocks): array
    {
        return array_map(fn (array $stock) => new Stock(self::mm($stock['length']), $stock['price']), $stocks);
    }

    private static function mm(float|int $mm): Length
    {
        return Length::millimetres($mm);
    }
}
