<?php

declare(strict_types=1);

namespace App\Bill;

use Aequus\Plan\Work\Pricing;
use App\Exchange\Csv;
use App\Type\Say;

/** The bill as lines for a spreadsheet, and read back from one: whoever fills in prices there need not type them twice. */
final class BillCsv
{
    /** What the columns are called, by what they hold. */
    private const HEADS = [
        'what' => 'page.what', 'for' => 'bill.for', 'needed' => 'bill.needed', 'waste' => 'bill.waste', 'site' => 'bill.on_site',
        'pack' => 'bill.pack', 'price' => 'bill.price',
        'buy' => 'bill.buy', 'costs' => 'bill.costs',
    ];

    public static function of(BillPage $page): string
    {
        return Csv::write([array_values(self::heads()), ...array_map(
            fn (BillRow $row) => [$row->plain, $row->parts, $row->needed, $row->waste, $row->onSite, $row->pack, $row->price, $row->buy, $row->money],
            $page->rows,
        )]);
    }

    public static function lists(ListsPage $page): string
    {
        $lines = [[Say::text('bill.csv_list'), self::heads()['what'], self::heads()['buy'], self::heads()['pack'], self::heads()['costs']]];
        foreach ($page->lists() as [$name, $rows]) {
            $lines = [...$lines, ...array_map(fn (BillRow $row) => [$name, $row->plain, $row->buy, $row->pack, $row->money], $rows)];
        }

        return Csv::write($lines);
    }

    /**
     * Goods are found by their names, columns by their heads, in any order; a cell left empty, or a column that is missing, changes nothing.
     *
     * @return array{array<string, Pricing>, list<string>} what is said of goods now, by their ids; and what was not understood, in words
     */
    public static function read(string $bytes, BillPage $page): array
    {
        $lines = Csv::read($bytes);
        $column = [];
        foreach (array_shift($lines) ?? [] as $i => $head) {
            $name = array_search(mb_strtolower($head), array_map(mb_strtolower(...), self::heads()), true);
            $column += $name === false ? [] : [$name => $i];
        }
        if (! isset($column['what'])) {
            return [[], [Say::text('bill.csv_without_heads', head: self::heads()['what'])]];
        }
        $rows = [];
        foreach ($page->rows as $row) {
            $rows[mb_strtolower($row->plain)] = $row;
        }
        $said = $faults = [];
        foreach ($lines as $cells) {
            $name = $cells[$column['what']] ?? '';
            $row = $rows[mb_strtolower($name)] ?? null;
            if ($row === null) {
                $faults[] = Say::text('bill.csv_unknown', name: $name);

                continue;
            }
            $goods = $row->line->goods;
            $read = function (string $field, ?float $now, float $least = 0.0, float $most = 1e7) use ($cells, $column, $name, &$faults): ?float {
                $cell = $cells[$column[$field] ?? -1] ?? '';
                $amount = $cell === '' ? $now : Amount::read($cell, $least, $most);
                if ($cell !== '' && $amount === null) {
                    $faults[] = Say::text('bill.csv_no_amount', typed: $cell, name: $name);
                }

                return $amount;
            };
            $price = $read('price', $goods->price === null ? null : $goods->price / 100);
            $said[$goods->name] = new Pricing(
                $read('pack', $goods->pack, 1e-6) ?? $goods->pack, ($read('waste', $goods->waste * 100, 0.0, 100.0) ?? 0.0) / 100,
                $read('site', $goods->onSite) ?? 0.0,
                $price === null ? null : (int) round($price * 100), $page->massOf($goods->name),
            );
        }

        return [$said, $faults];
    }

    /** @return array<string, string> */
    private static function heads(): array
    {
        return array_map(fn (string $key) => Say::text($key), self::HEADS);
    }
}
