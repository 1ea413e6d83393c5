<?php

declare(strict_types=1);

namespace App\View;

use Aequus\Measure\LengthReader;
use Aequus\Measure\Notation;
use Aequus\Stock\Stock;
use App\Type\Say;

/** Lengths that something is sold in, each with its price in the buyer’s money, as they are typed in one field: “2400 : 11.50; 3600 : 17”. */
final class StockList
{
    /** @return list<Stock> none where nothing was typed, or it was refused */
    public static function typed(QueryForm $sums, string $field, Notation $notation): array
    {
        $stocks = [];
        foreach (array_filter(array_map(trim(...), preg_split('/;|\R/', $sums->typed($field)) ?: []), fn (string $one) => $one !== '') as $typed) {
            [$length, $price] = array_pad(array_map(trim(...), explode(':', $typed)), 2, '');
            $read = $sums->attempt($field, fn () => LengthReader::read($length, $notation->unit));
            $coins = str_replace(',', '.', $price === '' ? '0' : $price);
            if ($read === null || ! $read->isPositive() || ! is_numeric($coins) || (float) $coins < 0) {
                $sums->refuse($field, Say::text('page.no_stock', typed: $typed));

                return [];
            }
            $stocks[] = new Stock($read, (float) $coins);
        }

        return $stocks;
    }

    /** @param  list<Stock>  $stocks */
    public static function written(array $stocks, Notation $notation): string
    {
        return implode('; ', array_map(
            fn (Stock $stock) => $notation->write($stock->length).($stock->price > 0.0 ? ' : '.number_format($stock->price, 2, '.', '') : ''),
            $stocks,
        ));
    }
}
