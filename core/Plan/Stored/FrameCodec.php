<?php

declare(strict_types=1);

namespace Aequus\Plan\Stored;

use Aequus\Measure\Length;
use Aequus\Measure\Stored;
use Aequus\Plan\Frame\Air;
use Aequus\Plan\Frame\Connector;
use Aequus\Plan\Frame\EndCut;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\OneMember;
use Aequus\Plan\Frame\Seating;
use Aequus\Plan\Frame\Spread;
use Aequus\Stock\Stock;

/** The frame on the posts, and stock lengths with their prices, as they are stored with a plan. */
final class FrameCodec
{
    /** @return array<string, mixed> */
    public static function encode(FrameRules $frame): array
    {
        return [
            'along_x' => $frame->alongX,
            ...($frame->air === Air::Wet ? [] : ['air' => $frame->air->value]),
            ...($frame->atHand === [] ? [] : ['at_hand' => array_map(
                fn (string $section, array $lengths) => [
                    'section' => $section, 'lengths' => array_map(fn (Length $one) => $one->nanometres, $lengths),
                ],
                array_keys($frame->atHand), $frame->atHand,
            )]),
            ...($frame->base === null ? [] : ['base' => self::encodeConnector($frame->base)]),
            'layers' => array_map(fn (Layer $layer) => [
                'kind' => $layer->kind->value, 'thick' => $layer->thick->nanometres, 'deep' => $layer->deep->nanometres, 'count' => $layer->count,
                'apart' => $layer->apart?->nanometres, 'past' => $layer->past?->nanometres, 'gap' => $layer->gap?->nanometres,
                'fixings' => $layer->fixings,
                'relied_on' => $layer->reliedOn,
                ...($layer->joinery == new Joinery ? [] : ['joinery' => [
                    'seating' => $layer->joinery->seating->value, 'seat' => $layer->joinery->seat?->nanometres,
                    'high' => $layer->joinery->high->value,
                    'low' => $layer->joinery->low->value, 'down' => $layer->joinery->down?->nanometres,
                    ...($layer->joinery->fastener === null ? [] : ['fastener' => self::encodeFastener($layer->joinery->fastener)]),
                    ...($layer->joinery->connector === null ? [] : ['connector' => self::encodeConnector($layer->joinery->connector)]),
                ]]),
                ...($layer->spread == new Spread ? [] : ['spread' => [
                    'at_centres' => $layer->spread->atCentres, 'offset' => $layer->spread->offset?->nanometres, 'left_out' => $layer->spread->leftOut,
                ]]),
                ...($layer->moisture === null ? [] : ['moisture' => $layer->moisture]),
                ...($layer->singly === [] ? [] : ['singly' => array_map(fn (int $number, OneMember $one) => [
                    'number' => $number, 'thick' => $one->thick?->nanometres, 'deep' => $one->deep?->nanometres, 'count' => $one->count,
                    'relied_on' => $one->reliedOn,
                ], array_keys($layer->singly), $layer->singly)]),
            ], $frame->layers),
            'stocks' => array_map(
                fn (string $section, array $stocks) => ['section' => $section, 'sold' => self::encodeStocks($stocks)], array_keys($frame->stocks),
                $frame->stocks,
            ),
        ];
    }

    public static function decode(Stored $stored): FrameRules
    {
        $stocks = $atHand = [];
        foreach ($stored->each('at_hand') as $one) {
            $atHand[$one->text('section')] = array_values($one->lengths('lengths'));
        }
        foreach ($stored->each('stocks') as $one) {
            $stocks[$one->text('section')] = self::decodeStocks($one, 'sold');
        }

        return new FrameRules(array_map(fn (Stored $layer) => new Layer(
            $layer->case('kind', LayerKind::class), $layer->length('thick'), $layer->length('deep'), $layer->whole('count'),
            $layer->lengthOrNone('apart'),
            $layer->lengthOrNone('past'), $layer->lengthOrNone('gap'), $layer->whole('fixings'), $layer->text('relied_on', ''),
            self::decodeJoinery($layer->inOrNone('joinery')),
            self::decodeSpread($layer->inOrNone('spread')), $layer->realOrNone('moisture'), self::decodeSingly($layer),
        ), $stored->each('layers')), $stored->isSo('along_x', true), $stocks, $stored->inOrNone('base') === null ? null : self::decodeConnector($stored->in('base')), $stored->case('air', Air::class, Air::Wet), $atHand);
    }

    private static function decodeJoinery(?Stored $stored): Joinery
    {
        return $stored === null ? new Joinery : new Joinery(
            $stored->case('seating', Seating::class), $stored->lengthOrNone('seat'), $stored->case('high', EndCut::class),
            $stored->case('low', EndCut::class), $stored->lengthOrNone('down'),
            $stored->inOrNone('fastener') === null ? null : self::decodeFastener($stored->in('fastener')),
            $stored->inOrNone('connector') === null ? null : self::decodeConnector($stored->in('connector')),
        );
    }

    /** @return array<string, mixed> */
    private static function encodeFastener(Fastener $fastener): array
    {
        return [
            'kind' => $fastener->kind->value, 'length' => $fastener->length->nanometres, 'from_end' => $fastener->fromEnd?->nanometres,
            'from_edge' => $fastener->fromEdge?->nanometres,
            'drilled' => $fastener->isDrilled,
        ];
    }

    private static function decodeFastener(Stored $stored): Fastener
    {
        return new Fastener(
            $stored->case('kind', FastenerKind::class), $stored->length('length'), $stored->lengthOrNone('from_end'),
            $stored->lengthOrNone('from_edge'), $stored->isSo('drilled'),
        );
    }

    /** @return array<string, mixed> */
    private static function encodeConnector(Connector $connector): array
    {
        return [
            'name' => $connector->name, 'from' => $connector->from->nanometres, 'to' => $connector->to->nanometres, 'plies' => $connector->plies,
            'least_deep' => $connector->leastDeep?->nanometres, 'screws' => $connector->screws, 'screw_long' => $connector->screwLong?->nanometres,
            'bolt_off' => $connector->boltOff?->nanometres, ...($connector->pattern === '' ? [] : ['pattern' => $connector->pattern]),
        ];
    }

    private static function decodeConnector(Stored $stored): Connector
    {
        return new Connector(
            $stored->text('name'), $stored->length('from'), $stored->length('to'), $stored->wholeOrNone('plies'), $stored->lengthOrNone('least_deep'),
            $stored->whole('screws'),
            $stored->lengthOrNone('screw_long'), $stored->lengthOrNone('bolt_off'), $stored->text('pattern', ''),
        );
    }

    /** @return array<int, OneMember> */
    private static function decodeSingly(Stored $layer): array
    {
        $singly = [];
        foreach ($layer->each('singly') as $one) {
            $singly[$one->whole('number')] = new OneMember(
                $one->lengthOrNone('thick'), $one->lengthOrNone('deep'), $one->wholeOrNone('count'), $one->text('relied_on', ''),
            );
        }

        return $singly;
    }

    private static function decodeSpread(?Stored $stored): Spread
    {
        return $stored === null ? new Spread : new Spread($stored->isSo('at_centres'), $stored->lengthOrNone('offset'), $stored->wholes('left_out'));
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
