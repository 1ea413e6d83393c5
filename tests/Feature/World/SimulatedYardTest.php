<?php

declare(strict_types=1);

namespace Tests\Feature\World;

use Aequus\Bill\Ware;
use Aequus\Measure\Unit;
use App\World\Quote;
use App\World\SimulatedYard;
use App\World\StandIn;

final class SimulatedYardTest extends StandInTestCase
{
    private const ASKED = ['bag', 'gravel', 'post:3600000000', 'timber:45000000:195000000:4800000000', 'tube', 'timber_by_length:45000000:195000000', 'moon', ''];

    protected function seeded(int $seed): StandIn
    {
        return new SimulatedYard($seed);
    }

    protected function answers(StandIn $one): mixed
    {
        return $one instanceof SimulatedYard ? array_map(fn (Unit $unit) => $one->quotes(self::ASKED, $unit), Unit::cases()) : $this->fail();
    }

    public function test_what_it_does_not_sell_is_left_out(): void
    {
        $quotes = (new SimulatedYard)->quotes(self::ASKED, Unit::Millimetre);
        $this->assertSame(['bag', 'gravel', 'post:3600000000', 'timber:45000000:195000000:4800000000'], array_keys($quotes));
        $this->assertSame([], (new SimulatedYard)->quotes([], Unit::Inch));
    }

    public function test_every_ware_has_a_price_above_zero_or_is_sold_another_way(): void
    {
        foreach (Ware::cases() as $ware) {
            $id = match ($ware) {
                Ware::Post, Ware::HeavyPost, Ware::StockTube, Ware::ProfileBoard, Ware::Sheet => "{$ware->value}:3000000000",
                Ware::Timber => 'timber:45000000:145000000:3000000000',
                Ware::Panel => 'panel:1800000000:2240000000',
                default => $ware->value,
            };
            $quote = (new SimulatedYard)->quotes([$id], Unit::Inch)[$id] ?? null;
            $this->assertSame(in_array($ware, [Ware::Tube, Ware::TimberByLength], true), $quote === null, $ware->value);
            $this->assertTrue($quote === null || ($quote->pack > 0.0 && $quote->price > 0));
        }
    }

    /** A longer or thicker board costs more, whatever the yard. */
    public function test_twice_the_wood_costs_more(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            $price = fn (string $id): int => ((new SimulatedYard($seed))->quotes([$id], Unit::Millimetre)[$id] ?? new Quote(1.0, 0))->price;
            $this->assertGreaterThan($price('timber:45000000:145000000:2400000000'), $price('timber:45000000:145000000:4800000000'));
            $this->assertGreaterThan($price('post:2400000000'), $price('heavy_post:2400000000'));
        }
    }
}
