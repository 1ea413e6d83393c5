<?php

declare(strict_types=1);

namespace Tests\Core\Stock;

use Aequus\Measure\Length;
use Aequus\Stock\Stock;
use Aequus\Stock\StockBoard;
use Aequus\Stock\StockCutting;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Boards that lie on the site are sawn beside those that are bought, and cost nothing. */
final class AtHandTest extends TestCase
{
    private const KERF = 3;

    /** 2000 and two of 900 out of 2400 at 10: one at hand of 1900 takes both short ones, and one board is bought, not two. */
    public function test_what_lies_there_is_used_where_it_saves_a_board(): void
    {
        $sawn = $this->sawn([2000, 900, 900], [[2400, 10.0]], [1900]);
        $this->assertSame([10.0, true], [$sawn->cost, $sawn->exact]);
        $this->assertSame([[1900.0, true, 2], [2400.0, false, 1]], $this->boards($sawn));
        // A cut more than it holds, and it serves for one.
        $this->assertSame(20.0, $this->sawn([2000, 949, 949], [[2400, 10.0]], [1900])->cost);
        $this->assertSame(10.0, $this->sawn([2000, 948, 948], [[2400, 10.0]], [1900])->cost, 'two of 948, a cut of 3 and nothing left over are 1899');
        $this->assertSame(0.0, $this->sawn([900], [[2400, 10.0]], [900])->cost);
    }

    /** Seed 1701: the same cost as trying every way to share few pieces out. */
    public function test_few_pieces_are_shared_out_as_cheaply_as_can_be(): void
    {
        $dice = new Randomizer(new Mt19937(1701));
        for ($round = 0; $round < 150; $round++) {
            $pieces = array_map(fn () => $dice->getInt(4, 20) * 100, range(1, $dice->getInt(1, 5)));
            $stocks = [[2400, (float) $dice->getInt(5, 15)], [3600, (float) $dice->getInt(10, 25)]];
            $hand = array_map(fn () => $dice->getInt(5, 30) * 100, range(1, $dice->getInt(1, 3)));
            $sawn = $this->sawn($pieces, $stocks, $hand);
            $this->assertEqualsWithDelta($this->cheapest($pieces, [], $stocks, $hand), $sawn->cost, 1e-9, (string) json_encode([$pieces, $stocks, $hand]));
            $this->assertLessThanOrEqual($sawn->cost + 1e-9, $sawn->bound);
            $this->assertLessThanOrEqual($this->sawn($pieces, $stocks, [])->cost, $sawn->cost);
        }
    }

    /** Seed 1702: of many, every piece is sawn once, out of boards that hold it, and what lies there is used once. */
    public function test_of_many_each_is_sawn_once(): void
    {
        $dice = new Randomizer(new Mt19937(1702));
        $pieces = array_map(fn () => $dice->getInt(300, 2300), range(1, 80));
        $hand = [1500, 2400, 900, 900];
        $sawn = $this->sawn($pieces, [[2400, 10.0], [3600, 14.0]], $hand);
        $out = array_merge(...array_map(fn (StockBoard $board) => array_map(fn (Length $piece) => (int) round($piece->inMillimetres()), $board->pieces), $sawn->boards));
        sort($pieces);
        sort($out);
        $this->assertSame($pieces, $out);
        $lying = array_values(array_map(fn (StockBoard $board) => (int) $board->stock->length->inMillimetres(), array_filter($sawn->boards, fn (StockBoard $board) => $board->isAtHand)));
        $this->assertEqualsCanonicalizing($hand, $lying);
        foreach ($sawn->boards as $board) {
            $this->assertLessThanOrEqual($board->stock->length->inMillimetres(), Length::sum($board->pieces)->inMillimetres() + self::KERF * (count($board->pieces) - 1));
        }
        $this->assertFalse($sawn->exact);
        $this->assertLessThan($this->sawn($pieces, [[2400, 10.0], [3600, 14.0]], [])->cost, $sawn->cost);
    }

    /**
     * @param  list<int>  $left  pieces that have no board yet
     * @param  list<list<int>>  $boards  pieces that share one
     * @param  list<array{int, float}>  $stocks
     * @param  list<int>  $hand
     */
    private function cheapest(array $left, array $boards, array $stocks, array $hand): float
    {
        if ($left === []) {
            return $this->bought(array_map(fn (array $board) => array_sum($board) + self::KERF * (count($board) - 1), $boards), $stocks, $hand);
        }
        $piece = array_shift($left);
        $ways = [$this->cheapest($left, [...$boards, [$piece]], $stocks, $hand)];
        foreach ($boards as $i => $board) {
            $ways[] = $this->cheapest($left, array_replace($boards, [$i => [...$board, $piece]]), $stocks, $hand);
        }

        return min($ways);
    }

    /**
     * @param  list<int>  $used
     * @param  list<array{int, float}>  $stocks
     * @param  list<int>  $hand
     */
    private function bought(array $used, array $stocks, array $hand): float
    {
        if ($used === []) {
            return 0.0;
        }
        $need = array_shift($used);
        $ways = [INF];
        foreach ($stocks as [$long, $price]) {
            $ways[] = $long >= $need ? $price + $this->bought($used, $stocks, $hand) : INF;
        }
        foreach ($hand as $i => $long) {
            $ways[] = $long >= $need ? $this->bought($used, $stocks, array_values(array_diff_key($hand, [$i => true]))) : INF;
        }

        return min($ways);
    }

    /**
     * @param  list<int>  $pieces
     * @param  list<array{int, float}>  $stocks
     * @param  list<int>  $hand
     */
    private function sawn(array $pieces, array $stocks, array $hand): StockCutting
    {
        return StockCutting::cheapest(
            array_map(Length::millimetres(...), $pieces), array_map(fn (array $stock) => new Stock(Length::millimetres($stock[0]), $stock[1]), $stocks), Length::millimetres(self::KERF),
            array_map(Length::millimetres(...), $hand),
        );
    }

    /** @return list<array{float, bool, int}> shortest first */
    private function boards(StockCutting $sawn): array
    {
        $boards = array_map(fn (StockBoard $board) => [$board->stock->length->inMillimetres(), $board->isAtHand, count($board->pieces)], $sawn->boards);
        sort($boards);

        return $boards;
    }
}
