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

/** Frames whose members all have another length: posts cast here and there, fences down a slope. */
final class ManyLengthsTest extends TestCase
{
    /** Seed 1703: more sets of them than whole numbers count, and each is sawn once all the same; not far above the bound, and without end of work. */
    public function test_as_many_odd_lengths_as_there_are_pieces_are_planned_soon_and_well(): void
    {
        $dice = new Randomizer(new Mt19937(1703));
        foreach ([70, 300] as $count) {
            $pieces = array_map(fn () => $dice->getInt(300, 2300), range(1, $count));
            $begun = microtime(true);
            $sawn = StockCutting::cheapest(array_map(Length::millimetres(...), $pieces), $this->stocks(), Length::millimetres(3));
            $this->assertLessThan(8.0, microtime(true) - $begun);
            $out = array_merge(...array_map(fn (StockBoard $board) => array_map(fn (Length $piece) => (int) round($piece->inMillimetres()), $board->pieces), $sawn->boards));
            sort($pieces);
            sort($out);
            $this->assertSame($pieces, $out);
            foreach ($sawn->boards as $board) {
                $this->assertLessThanOrEqual($board->stock->length->inMillimetres(), Length::sum($board->pieces)->inMillimetres() + 3 * (count($board->pieces) - 1));
            }
            $this->assertLessThan(1.05 * $sawn->bound, $sawn->cost);
            $this->assertGreaterThanOrEqual($sawn->bound, $sawn->cost);
        }
    }

    /** @return non-empty-list<Stock> */
    private function stocks(): array
    {
        return [
            new Stock(Length::millimetres(2400), 10.0), new Stock(Length::millimetres(3000), 13.0), new Stock(Length::millimetres(3600), 14.0), new Stock(Length::millimetres(4200), 17.0),
            new Stock(Length::millimetres(4800), 20.0),
        ];
    }
}
