<?php

declare(strict_types=1);

namespace Tests\Core\Cut;

use Aequus\Adjust\Network\Datum;
use Aequus\Adjust\Network\Distance;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Network\Network;
use Aequus\Adjust\Network\Station;
use Aequus\Adjust\Placement\Allowed;
use Aequus\Cut\CutMark;
use Aequus\Cut\CutRefused;
use Aequus\Cut\Members;
use Aequus\Cut\Strap;
use Aequus\Cut\TopHeights;
use Aequus\Cut\TopLean;
use Aequus\Cut\TopSquare;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Measure\Slope;
use Aequus\Measure\TapeClass;
use Aequus\Measure\Vector;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;
use Aequus\Plan\Tops\TopRules;
use Aequus\Stock\Stock;
use Aequus\Stock\StockBoard;
use Aequus\Stock\StockCutting;
use Aequus\Stock\StockRefused;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Expected;
use Tests\Told;
use Tests\Vectors;
use Tests\VectorTestCase;

final class HeightVectorsTest extends VectorTestCase
{
    protected const TOPIC = 'heights';

    #[DataProvider('tops')]
    public function test_the_cut_mark_of_every_post(array $input, Expected $expect): void
    {
        $rows = array_values(array_unique(array_column($input['posts'], 'y')));
        foreach ($input['posts'] as $i => $p) {
            $at = new Point(self::mm($p['x']), self::mm($p['y']));
            [$alongX, $alongY] = [Slope::ratio($input['slope_x'] ?? 0.0), Slope::ratio($input['slope_y'] ?? 0.0)];
            $a1 = self::mm($input['height_a1'] ?? $input['row_heights'][array_search($p['y'], $rows, true)]);
            $mark = new CutMark(
                new Post(PostId::of($p['name']), $p['name'], $at), (new TopRules($a1, $alongX, $alongY, Length::zero()))->topAt($at),
                self::mm($p['datum_mark']), self::mm($p['top_now']), $this->section($input['section']), $alongX, $alongY,
            );
            $expected = $expect['posts'][$i];
            $this->assertLength($expected['top'], $mark->top, 'top');
            $this->assertLength($expected['mark_above_datum_line'], $mark->aboveDatumLine(), 'mark');
            $this->assertLength($expected['cut_off'], $mark->cutOff(), 'cut off');
            $this->assertSame($expected['short'], $mark->isShort());
            foreach ($expected['face_marks'] as $face => $height) {
                $this->assertLength($height, $mark->onFace(Side::from($face)), $face);
            }
        }
    }

    public static function tops(): Generator
    {
        return Vectors::of('heights', 'tops');
    }

    #[DataProvider('stackUps')]
    public function test_the_post_top_under_a_stack(array $input, Expected $expect): void
    {
        $this->assertLength(
            $expect['post_top'],
            TopHeights::topUnder(
                self::mm($input['finished']), self::mm($input['clearance']), array_map(Length::millimetres(...), $input['thicknesses']),
            ),
        );
    }

    public static function stackUps(): Generator
    {
        return Vectors::of('heights', 'stack_up');
    }

    #[DataProvider('rodMarks')]
    public function test_a_mark_above_the_mean_of_two_grounds(array $input, Expected $expect): void
    {
        $this->assertLength(
            $expect['mark'], TopHeights::aboveMeanGround(self::mm($input['height']), self::mm($input['ground_1']), self::mm($input['ground_2'])),
        );
    }

    public static function rodMarks(): Generator
    {
        return Vectors::of('heights', 'rod_mark');
    }

    #[DataProvider('evenMembers')]
    public function test_even_members_are_marked_from_one_zero(array $input, Expected $expect): void
    {
        if ($expect['refused']) {
            $this->expectException(CutRefused::class);
        }
        $members = Members::even(self::mm($input['length']), $input['count'], self::mm($input['thickness']));
        $this->assertLength($expect['gap'], $members->gap);
        $this->assertFaces($expect['near_faces'], $members);
        $this->assertEquals(self::mm($input['length'] - $input['thickness']), $members->nearFaces[$input['count'] - 1]);
        foreach ($expect['marks'] as $i => $mark) {
            $this->assertNumber(
                $mark,
                ($input['mark_step'] === 1.0 ? Notation::millimetres(0) : Notation::feetInches(16))->round($members->nearFaces[$i])->inMillimetres(),
                "mark {$i}",
            );
        }
    }

    public static function evenMembers(): Generator
    {
        return Vectors::of('heights', 'even_members');
    }

    #[DataProvider('membersAtCentres')]
    public function test_members_at_centres_name_the_bay_that_remains(array $input, Expected $expect): void
    {
        $members = Members::atCentres(self::mm($input['length']), self::mm($input['thickness']), self::mm($input['centres']));
        $this->assertFaces($expect['near_faces'], $members);
        $this->assertLength($expect['remainder_bay'], $members->remainder);
    }

    public static function membersAtCentres(): Generator
    {
        return Vectors::of('heights', 'members_at_centres');
    }

    #[DataProvider('fewestMembers')]
    public function test_the_fewest_members_for_a_largest_gap(array $input, Expected $expect): void
    {
        $this->assertSame(
            $expect['count'], Members::fewest(self::mm($input['length']), self::mm($input['thickness']), self::mm($input['largest_gap'])),
        );
    }

    public static function fewestMembers(): Generator
    {
        return Vectors::of('heights', 'fewest_members');
    }

    #[DataProvider('overhangs')]
    public function test_a_beam_that_runs_past_its_posts(array $input, Expected $expect): void
    {
        $this->assertLength($expect['beam'], Members::beam(self::mm($input['span']), self::mm($input['overhang'])));
    }

    public static function overhangs(): Generator
    {
        return Vectors::of('heights', 'overhang');
    }

    #[DataProvider('straps')]
    public function test_which_diagonal_a_strap_shortens(array $input, Expected $expect): void
    {
        $strap = Strap::across(
            self::mm($input['length']), self::mm($input['width']), self::mm($input['diagonal_ac']), self::mm($input['diagonal_bd']),
        );
        $this->assertSame($expect['diagonal'], match ($strap->alongAc) {
            true => 'AC', false => 'BD', null => null
        });
        $this->assertLength($expect['shorten_by'], $strap->shortenBy);
    }

    public static function straps(): Generator
    {
        return Vectors::of('heights', 'strap');
    }

    #[DataProvider('topNetworks')]
    public function test_tapes_at_the_tops_join_the_stakes_by_lean_and_name_the_corner_that_is_out(array $input, Expected $expect): void
    {
        $leans = array_column(
            array_map(fn (array $lean) => [$lean['stake'], new TopLean($lean['slope_x'], $lean['slope_y'], $lean['height'])], $input['leans']), 1, 0,
        );
        $tape = TapeClass::from($input['tape_class']);
        $stations = array_map(fn (array $stake) => new Station($stake['name'], new Vector($stake['design_x'], $stake['design_y'])), $input['stakes']);
        $offset = function (array $reading, string $stake) use ($leans): Vector {
            return ($reading['at'] ?? '') === 'top' ? $leans[$reading[$stake]]->offset() : Vector::zero();
        };
        $line = $input['reference_line'];
        $readings = [
            ...array_map(function (array $d) use ($tape, $offset): Distance {
                [$near, $far] = [$offset($d, 'from'), $offset($d, 'to')];

                return new Distance(
                    $d['id'], $d['from'], $d['to'], $d['distance'], $tape->sigma(self::mm($d['distance'])), $far->minus($near),
                );
            }, $input['distances']),
            ...array_map(
                fn (array $o) => new LineOffset(
                    $o['id'], $o['stake'], new Vector($line['from_x'], $line['from_y']), new Vector($line['to_x'], $line['to_y']), $o['offset'],
                    lean: $offset($o, 'stake'),
                ),
                $input['offsets'],
            ),
        ];
        $adjusted = (new Network($stations, $readings, Datum::baseLine($input['datum']['p'], $input['datum']['q'])))->adjust();
        $this->assertFalse($expect['refused']);
        $this->assertSame($expect['degrees_of_freedom'], $adjusted->solution->surplus);
        $this->assertEqualsWithDelta($expect['sum_squares'], $adjusted->solution->sumOfSquares, 1e-4 * $expect['sum_squares']);
        foreach ($expect['stakes'] as $stake) {
            $this->assertEqualsWithDelta(new Vector($stake['x'], $stake['y']), $adjusted->at[$stake['name']], 1e-3);
            [$xx, , $yy] = $adjusted->covariance($stake['name']);
            $this->assertEqualsWithDelta([$stake['std_x'], $stake['std_y']], [sqrt($xx), sqrt($yy)], 1e-4);
        }
        foreach ($expect['residuals'] as $residual) {
            $this->assertEqualsWithDelta($residual['residual'], $adjusted->residual($residual['id']), 1e-3);
        }
        $frame = new TopSquare($stations, $adjusted, $leans);
        foreach ($expect['tops'] as $top) {
            $this->assertEqualsWithDelta(new Vector($top['x'], $top['y']), $frame->tops[$top['name']], 1e-3);
        }
        $this->assertSame([$expect['corner_out']], $frame->cornersOut(new Allowed(6.35)));
        $between = fn (string $a, string $b) => self::mm($frame->tops[$a]->minus($frame->tops[$b])->length());
        $strap = Strap::across(self::mm($input['length']), self::mm($input['width']), $between('A1', 'B2'), $between('B1', 'A2'));
        $this->assertSame($expect['strap']['diagonal'] === 'AC', $strap->alongAc);
        $this->assertEqualsWithDelta($expect['strap']['shorten_by'], $strap->shortenBy->inMillimetres(), 1e-3);
    }

    public static function topNetworks(): Generator
    {
        return Vectors::of('heights', 'top_network');
    }

    #[DataProvider('stocks')]
    public function test_the_cheapest_way_to_saw_pieces_from_stock(array $input, Expected $expect): void
    {
        $stocks = array_map(fn (array $stock) => new Stock(self::mm($stock['length']), $stock['price']), $input['stocks']);
        $kerf = self::mm($input['kerf']);
        try {
            $cutting = StockCutting::cheapest(array_map(Length::millimetres(...), $input['pieces']), $stocks, $kerf);
        } catch (StockRefused $refusal) {
            $this->assertTrue($expect['refused'], Told::refusal($refusal));
            $this->assertStringContainsString($expect['must_name'][0], Told::refusal($refusal));

            return;
        }
        $this->assertFalse($expect['refused']);
        $this->assertNumber($expect['least_cost'], $cutting->cost);
        $this->assertNumber($expect['continuous_bound'], $cutting->bound);
        // Where theirs is not proved, ours may be: few lengths make few states.
        $this->assertTrue(! $expect['exact'] || $cutting->exact);
        if (isset($expect['least_cost_over_bound'])) {
            $this->assertNumber($expect['least_cost_over_bound'], $cutting->cost / $cutting->bound);
        }
        if (isset($expect['one_best_plan'])) {
            // Any plan of this cost that fits is right: theirs and ours cost the same and saw the same pieces.
            $price = array_combine(array_map(strval(...), array_column($input['stocks'], 'length')), array_column($input['stocks'], 'price'));
            $this->assertNumber(
                array_sum(array_map(fn (array $board) => $price[(string) $board['stock_length']], $expect['one_best_plan'])), $cutting->cost,
            );
            $this->assertEqualsCanonicalizing($input['pieces'], array_merge(...array_column($expect['one_best_plan'], 'pieces')));
        }
        $sawn = array_merge(...array_map(fn (StockBoard $board) => $board->pieces, $cutting->boards));
        $this->assertEqualsCanonicalizing($input['pieces'], array_map(fn (Length $piece) => $piece->inMillimetres(), $sawn));
        foreach ($cutting->boards as $board) {
            $this->assertFalse(Length::sum($board->pieces)->plus($kerf->times(count($board->pieces) - 1))->isLongerThan($board->stock->length));
        }
    }

    public static function stocks(): Generator
    {
        return Vectors::of('heights', 'stock_cutting');
    }

    /** Forty different pieces are too many to search: the way found must still hold every piece and stay near the bound. */
    public function test_a_long_list_of_pieces_is_sawn_within_a_quarter_of_the_bound(): void
    {
        $pieces = array_map(fn (int $i) => Length::millimetres(500 + 47 * $i), range(0, 39));
        $stocks = [new Stock(Length::millimetres(2400), 12.0), new Stock(Length::millimetres(4800), 23.0)];
        $cutting = StockCutting::cheapest($pieces, $stocks, Length::millimetres(3));
        $this->assertFalse($cutting->exact);
        $this->assertCount(40, array_merge(...array_map(fn (StockBoard $board) => $board->pieces, $cutting->boards)));
        $this->assertGreaterThanOrEqual($cutting->bound, $cutting->cost);
        $this->assertLessThan(1.25 * $cutting->bound, $cutting->cost);
    }

    /** Fourteen different pieces: the twelve longer ones go two by two into the long stock, and the two short ones are cheaper out of a short one each. */
    public function test_what_two_boards_hold_is_shared_out_anew_where_that_costs_less(): void
    {
        $pieces = array_map(Length::millimetres(...), [1190, 1180, ...array_map(fn (int $i) => 1300 + 10 * $i, range(0, 11))]);
        $stocks = [new Stock(Length::millimetres(1200), 14.5), new Stock(Length::millimetres(3000), 36.0)];
        $cutting = StockCutting::cheapest($pieces, $stocks, Length::millimetres(3));
        $this->assertFalse($cutting->exact);
        $this->assertEqualsWithDelta(6 * 36 + 2 * 14.5, $cutting->cost, 1e-9);
        $this->assertCount(14, array_merge(...array_map(fn (StockBoard $board) => $board->pieces, $cutting->boards)));
    }

    /** Seed 1611: one length more on offer never costs more, and no plan costs less than the bound. */
    public function test_a_longer_list_of_stocks_never_costs_more(): void
    {
        $dice = new Randomizer(new Mt19937(1611));
        $mm = Length::millimetres(...);
        for ($round = 0; $round < 6; $round++) {
            $pieces = array_map(fn () => $mm($dice->getInt(300, 2300)), range(1, $dice->getInt(14, 22)));
            $stocks = [new Stock($mm(2400), 12.0), ...array_map(fn () => new Stock($mm($dice->getInt(2, 10) * 600), $dice->getInt(800, 4000) / 100), range(1, 3))];
            $last = INF;
            for ($n = 1; $n <= 4; $n++) {
                $cutting = StockCutting::cheapest($pieces, array_slice($stocks, 0, $n), $mm(3));
                $this->assertLessThanOrEqual($last + 1e-9, $cutting->cost);
                $this->assertGreaterThanOrEqual($cutting->bound - 1e-9, $cutting->cost);
                $last = $cutting->cost;
            }
        }
    }

    public function test_a_strap_runs_along_the_longer_diagonal_however_little_longer_it_is(): void
    {
        [$length, $width, $true] = [self::mm(4000), self::mm(3000), self::mm(5000)];
        $this->assertNull(Strap::across($length, $width, $true, $true)->alongAc);
        foreach ([5.0, 0.1] as $more) {
            $strap = Strap::across($length, $width, $true->plus(self::mm($more)), $true->minus(self::mm($more)));
            $this->assertTrue($strap->alongAc);
            $this->assertEqualsWithDelta($more, $strap->shortenBy->inMillimetres(), 1e-6);
            $this->assertFalse(Strap::across($length, $width, $true->minus(self::mm($more)), $true)->alongAc);
        }
    }

    private function assertFaces(array $expected, Members $members): void
    {
        $this->assertSameSize($expected, $members->nearFaces);
        foreach ($expected as $i => $face) {
            $this->assertLength($face, $members->nearFaces[$i], "member {$i}");
        }
    }
}
