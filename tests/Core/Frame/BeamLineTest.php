<?php

declare(strict_types=1);

namespace Tests\Core\Frame;

use Aequus\Frame\BeamLine;
use Aequus\Frame\Bearing;
use Aequus\Measure\Length;
use Aequus\Stock\Stock;
use PHPUnit\Framework\TestCase;

/** Beams out of stock lengths, on posts at random: against every way there is, and as they must always be. */
final class BeamLineTest extends TestCase
{
    /** Every set of posts as joints, tried by force: no way has fewer pieces, or as few for less. */
    public function test_no_other_way_takes_fewer_pieces_or_as_few_for_less(): void
    {
        foreach (range(1, 40) as $seed) {
            mt_srand($seed);
            [$length, $bearings, $stocks] = $this->beam(6);
            $found = BeamLine::over($length, $bearings, $stocks);
            [$fewest, $least] = [PHP_INT_MAX, INF];
            for ($set = 0; $set < 2 ** count($bearings); $set++) {
                $joints = array_values(array_filter($bearings, fn (Bearing $bearing, int $i) => $set >> $i & 1 && $bearing->at->isPositive() && $bearing->at->isShorterThan($length), ARRAY_FILTER_USE_BOTH));
                $way = $this->priced($length, $bearings, $joints, $stocks);
                if ($way !== null && $way < [$fewest, $least]) {
                    [$fewest, $least] = $way;
                }
            }
            $this->assertSame([$fewest, $least], [$found->pieces, $found->price], "seed {$seed}");
        }
    }

    public function test_pieces_make_the_beam_and_each_rests_on_two_posts(): void
    {
        foreach (range(1, 40) as $seed) {
            mt_srand(900 + $seed);
            [$length, $bearings, $stocks] = $this->beam(9);
            foreach (BeamLine::over($length, $bearings, $stocks, 3)->plies as $ply) {
                $at = Length::zero();
                foreach ($ply->pieces as [$piece, $stock]) {
                    $to = $at->plus($piece);
                    $this->assertFalse($piece->isLongerThan($stock->length));
                    $this->assertGreaterThanOrEqual(2, count(array_filter($bearings, fn (Bearing $one) => ! $one->at->isShorterThan($at) && ! $one->at->isLongerThan($to))));
                    $at = $to;
                }
                $this->assertEquals($length, $at);
            }
        }
    }

    /** More lengths to choose from never cost more pieces, nor more for as many. */
    public function test_a_longer_list_of_stock_never_costs_more(): void
    {
        foreach (range(1, 40) as $seed) {
            mt_srand(300 + $seed);
            [$length, $bearings, $stocks] = $this->beam(7);
            [$few, $all] = [BeamLine::over($length, $bearings, [$stocks[2]]), BeamLine::over($length, $bearings, $stocks)];
            $this->assertLessThanOrEqual([$few->pieces, $few->price], [$all->pieces, $all->price]);
        }
    }

    /** A hundred posts: too many to try each beside each, and still no two plies are joined over one post. */
    public function test_a_very_long_beam_is_still_staggered_and_says_that_it_was_not_proved(): void
    {
        $bearings = array_map(fn (int $i) => new Bearing("P{$i}", Length::millimetres(600 * $i)), range(0, 99));
        $line = BeamLine::over(Length::millimetres(59_400), $bearings, [new Stock(Length::millimetres(4800), 24.9), new Stock(Length::millimetres(6000), 34.0)], 2);
        $this->assertTrue($line->isStaggered());
        $this->assertFalse($line->isExact);
        $this->assertSame(20, $line->pieces);
        $this->assertTrue(BeamLine::over(Length::millimetres(59_400), $bearings, [new Stock(Length::millimetres(6000), 34.0)])->isExact);
    }

    /** @return array{Length, list<Bearing>, non-empty-list<Stock>} */
    private function beam(int $posts): array
    {
        $at = mt_rand(0, 400);
        $bearings = [];
        for ($i = 0; $i < $posts; $i++) {
            $bearings[] = new Bearing("P{$i}", Length::millimetres($at));
            $at += mt_rand(1200, 2600);
        }
        $length = $bearings[$posts - 1]->at->plus(Length::millimetres(mt_rand(0, 400)));

        return [$length, $bearings, array_map(fn (int $mm, int $price) => new Stock(Length::millimetres($mm), (float) $price), [3000, 4200, 5400], [mt_rand(900, 1300), mt_rand(1500, 2100), mt_rand(2200, 3100)])];
    }

    /**
     * @param  list<Bearing>  $bearings
     * @param  list<Bearing>  $joints
     * @param  list<Stock>  $stocks
     * @return ?array{int, float} pieces and price; null where a piece rests on one post, or no stock holds it
     */
    private function priced(Length $length, array $bearings, array $joints, array $stocks): ?array
    {
        $ends = [0, ...array_map(fn (Bearing $joint) => $joint->at->nanometres, $joints), $length->nanometres];
        $price = 0.0;
        for ($i = 1; $i < count($ends); $i++) {
            [$from, $to] = [$ends[$i - 1], $ends[$i]];
            $hold = array_filter($stocks, fn (Stock $stock) => $stock->length->nanometres >= $to - $from);
            if ($hold === [] || count(array_filter($bearings, fn (Bearing $one) => $one->at->nanometres >= $from && $one->at->nanometres <= $to)) < 2) {
                return null;
            }
            $price += min(array_map(fn (Stock $stock) => $stock->price, $hold));
        }

        return [count($ends) - 1, $price];
    }
}
