<?php

declare(strict_types=1);

namespace Tests\Core\Bill;

use Aequus\Bill\Bill;
use Aequus\Bill\BillLine;
use Aequus\Bill\BillRefused;
use Aequus\Bill\Bought;
use Aequus\Bill\Goods;
use Aequus\Bill\Need;
use Generator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Told;
use Tests\Vectors;

/** What is bought, in whole packs and whole coins, against independently computed cases. */
final class BillVectorsTest extends TestCase
{
    #[DataProvider('cases')]
    public function test_what_is_bought_comes_out_as_it_was_computed(array $input, mixed $expect): void
    {
        try {
            $got = $input['kind'] === 'buy' ? $this->bought($this->goods($input + ['name' => 'nails'])->buy($input['needed'])) : $this->bill($input);
        } catch (BillRefused $refusal) {
            $this->assertTrue(isset($expect['refused']), Told::refusal($refusal));
            foreach ($expect['must_name'] ?? [] as $name) {
                $this->assertStringContainsString($name, Told::refusal($refusal));
            }

            return;
        }
        $this->assertFalse(isset($expect['refused']), 'It was not refused.');
        foreach ($got as $name => $value) {
            is_float($value) ? $this->assertEqualsWithDelta($expect[$name], $value, 1e-9, $name) : $this->assertEquals($expect[$name], $value, $name);
        }
        foreach ($input['kind'] === 'bill' ? $expect['lines'] : [] as $i => $line) {
            foreach ($this->line($this->made($input)->lines[$i]) as $name => $value) {
                is_float($value) ? $this->assertEqualsWithDelta($line[$name], $value, 1e-9, $name) : $this->assertEquals($line[$name], $value, $name);
            }
        }
    }

    public static function cases(): Generator
    {
        foreach (['buy', 'bill'] as $kind) {
            foreach (Vectors::of('bill', $kind) as $name => $case) {
                yield "{$kind}: {$name}" => $case;
            }
        }
    }

    /** More waste never buys less, more on site never more; and what several parts need is never more packs than each by itself. */
    public function test_together_is_never_more_than_apart_and_waste_never_saves(): void
    {
        foreach (range(1, 60) as $seed) {
            [$pack, $one, $other] = [1 + $seed % 7, 0.37 * $seed, 12.9 - 0.2 * $seed];
            $goods = fn (float $waste, float $site = 0.0): Goods => new Goods('nails', $pack, $waste, $site, 19.5);
            $apart = $goods(0.1)->buy($one)->packs + $goods(0.1)->buy(max(0.0, $other))->packs;
            $this->assertLessThanOrEqual($apart, (new Bill([$goods(0.1)], [new Need('nails', $one, 'a'), new Need('nails', max(0.0, $other), 'b')]))->lines[0]->bought->packs);
            $this->assertGreaterThanOrEqual($goods(0.1)->buy($one)->packs, $goods(0.25)->buy($one)->packs);
            $this->assertLessThanOrEqual($goods(0.1)->buy($one)->packs, $goods(0.1, 3.0)->buy($one)->packs);
            $this->assertGreaterThanOrEqual(-1e-9, $goods(0.1, 2.0)->buy($one)->leftOver);
        }
    }

    private function made(array $input): Bill
    {
        return new Bill(array_map($this->goods(...), $input['goods']), array_map(fn (array $need) => new Need($need['goods'], $need['amount'], $need['part']), $input['needs']));
    }

    /** @return array<string, mixed> */
    private function bill(array $input): array
    {
        $bill = $this->made($input);

        return ['sum' => $bill->sum, 'unpriced' => $bill->unpriced];
    }

    /** @return array<string, mixed> */
    private function line(BillLine $line): array
    {
        return [
            'goods' => $line->goods->name, 'parts' => $line->parts, 'needed' => $line->needed, 'with_waste' => $line->bought->withWaste, 'packs' => $line->bought->packs,
            'bought' => $line->bought->amount, 'coins' => $line->bought->coins,
        ];
    }

    private function goods(array $of): Goods
    {
        return new Goods($of['name'], $of['pack'] ?? 1.0, $of['waste'] ?? 0.0, $of['on_site'] ?? 0.0, $of['price'] ?? null, ($of['price_per'] ?? '') === 'unit');
    }

    /** @return array<string, mixed> */
    private function bought(Bought $bought): array
    {
        return ['with_waste' => $bought->withWaste, 'packs' => $bought->packs, 'bought' => $bought->amount, 'left_over' => $bought->leftOver];
    }
}
