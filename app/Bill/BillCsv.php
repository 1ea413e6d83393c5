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
        'what' => 'page.what', 'for' => 'bill.for', 'needed' => 'bill.needed', 'waste' => 'bill.waste', 'site' => 'bill.on_site', 'pack' => 'bill.pack', 'price' => 'bill.price',
        'buy' => 'bill.buy', 'costs' => 'bill.costs',
    ];

    private const MOST = 1e7;

    public static function of(BillPage $page): string
    {
        return Csv::write([array_values(self::heads()), ...array_map(
            fn (BillRow $row) => [$row->plain, $row->parts, $row->needed, $row->waste, $row->onSite, $row->pack, $row->price, $row->buy, $row->money], $page->rows,
        )]);
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
            $read = function (string $field, ?float $now, float $least, float $most) use ($cells, $column, $name, &$faults): ?float {
                return self::amount($cells[$column[$field] ?? -1] ?? '', $now, $least, $most, $name, $faults);
            };
            $price = $read('price', $goods->price, 0.0, self::MOST);
            $isTyped = ($cells[$column['price'] ?? -1] ?? '') !== '';
            $said[$goods->name] = new Pricing(
                $read('pack', $goods->pack, 1e-6, self::MOST) ?? $goods->pack, ($read('waste', $goods->waste * 100, 0.0, 100.0) ?? 0.0) / 100,
                $read('site', $goods->onSite, 0.0, self::MOST) ?? 0.0, $price === null ? null : (int) round($isTyped ? $price * 100 : $price), $page->massOf($goods->name),
            );
        }

        return [$said, $faults];
    }

    /** @param  list<string>  $faults */
    private static function amount(string $cell, ?float $now, float $least, float $most, string $name, array &$faults): ?float
    {
        // “1,234.50” and “1.234,50” and “12,5”: the last mark is the decimal one, any before it part thousands.
        $plain = (string) preg_replace('/[^\d.,\-]/', '', $cell);
        $plain = preg_match('/^-?\d{1,3}(?:([.,])\d{3})+(?!\1)[.,]\d+$/', $plain) === 1
            ? (string) preg_replace('/[.,](?=.*[.,])/', '', $plain) : $plain;
        $plain = str_replace(',', '.', $plain);
        if ($cell === '') {
            return $now;
        }
        if (! is_numeric($plain) || (float) $plain < $least || (float) $plain > $most) {
            $faults[] = Say::text('bill.csv_no_amount', typed: $cell, name: $name);

            return $now;
        }

        return (float) $plain;
    }

    /** @return array<string, string> */
    private static function heads(): array
    {
        return array_map(fn (string $key) => Say::text($key), self::HEADS);
    }
}
