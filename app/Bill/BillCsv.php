<?php

declare(strict_types=1);

namespace App\Bill;

use App\Type\Say;

/** The bill as lines of text for a spreadsheet; what begins like a formula is kept from being one. */
final class BillCsv
{
    public static function of(BillPage $page): string
    {
        $file = fopen('php://memory', 'w+');
        assert($file !== false);
        $heads = ['page.what', 'bill.for', 'bill.needed', 'bill.waste', 'bill.on_site', 'bill.pack', 'bill.price', 'bill.buy', 'bill.costs'];
        $write = fn (array $cells) => fputcsv($file, array_map(self::harmless(...), $cells), escape: '');
        $write(array_map(fn (string $key) => Say::text($key), $heads));
        foreach ($page->rows as $row) {
            $write([$row->plain, $row->parts, $row->needed, $row->waste, $row->onSite, $row->pack, $row->price, $row->buy, $row->money]);
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    private static function harmless(string $cell): string
    {
        return preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell;
    }
}
