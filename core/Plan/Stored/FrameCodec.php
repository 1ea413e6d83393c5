<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Stored;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Stock\Stock;

/** The frame on the posts, and stock lengths with their prices, as they are stored with a plan. */
final class FrameCodec
{
    /** @return array<string, mixed> */
    public static function encode(FrameRules $frame): array
    {
        return [
            'along_x' => $frame->alongX,
            'layers' => array_map(fn (Layer $layer) => [
                'kind' => $layer->kind->value, 'thick' => $layer->thick->nanometres, 'deep' => $layer->deep->nanometres, 'count' => $layer->count,
                'apart' => $layer->apart?->nanometres, 'past' => $layer->past?->nanometres, 'gap' => $layer->gap?->nanometres, 'fixings' => $layer->fixings,
                'relied_on' => $layer->reliedOn,
            ], $frame->layers),
            'stocks' => array_map(
                fn (string $section, array $stocks) => ['section' => $section, 'sold' => self::encodeStocks($stocks)], array_keys($frame->stocks), $frame->stocks,
            ),
        ];
    }

    public static function decode(Stored $stored): FrameRules
    {
        $stocks = [];
        foreach ($stored->each('stocks') as $one) {
            $stocks[$one->text('section')] = self::decodeStocks($one, 'sold');
        }

        return new FrameRules(array_map(fn (Stored $layer) => new Layer(
            $layer->case('kind', LayerKind::class), $layer->length('thick'), $layer->length('deep'), $layer->whole('count'), $layer->lengthOrNone('apart'),
            $layer->lengthOrNone('past'), $layer->lengthOrNone('gap'), $layer->whole('fixings'), $layer->text('relied_on', ''),
        ), $stored->each('layers')), $stored->isSo('along_x', true), $stocks);
    }

    /**
     * @param  list<Stock>  $stocks
     * @return list<array{length: int, price: float}>
     */
    public static function encodeStocks(array $stocks): array
    {
        return array_map(fn (Stock $stock) => ['length' => $stock->length->nanometres, 'price' => $stock->price], $stocks);
    }

    /** @return list<Stock> */
    public static function decodeStocks(Stored $stored, string $name): array
    {
        return array_map(fn (Stored $one) => new Stock($one->length('length'), $one->real('price')), $stored->each($name));
    }
}
