<?php

declare(strict_types=1);

namespace App\Demo;

use Aequus\Frame\UsualFrame;
use Aequus\Measure\Length;
use Aequus\Measure\Notation;
use Aequus\Plan\Frame\Fastener;
use Aequus\Plan\Frame\FastenerKind;
use Aequus\Plan\Frame\FrameRules;
use Aequus\Plan\Frame\Joinery;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\JobKind;
use Aequus\Stock\Stock;

/** Frames of the demo’s jobs, as usual for their kind, out of timber that an invented yard sells. */
final class OrchardTimber
{
    /** Coins for a litre of wood, rounded to whole ones for each board. */
    private const A_LITRE = 92.0;

    /** @param  JobKind  $like  as on the posts of which kind */
    public static function frame(JobKind $like, Notation $notation, Length $post): ?FrameRules
    {
        $rules = UsualFrame::of($like, $notation, $post);
        foreach ($rules->layers ?? [] as $layer) {
            $rules = $rules?->with(self::fastened(self::reliedOn($layer), $notation));
            $rules = $layer->kind->isTimber() ? $rules?->soldIn($layer->section(), self::sold($layer, $notation)) : $rules;
        }

        return $rules;
    }

    /** Boards, purlins, sheets and rails with the screws that go with them; nobody chose anything for the rest yet. */
    private static function fastened(Layer $layer, Notation $notation): Layer
    {
        $of = $notation->system()->sold(...);
        $long = match ($layer->kind) {
            LayerKind::Board => $of(60, 2.5),
            LayerKind::Purlin => $of(100, 4),
            LayerKind::Sheet => $of(35, 1.25),
            LayerKind::Rail => $of(80, 3),
            default => null,
        };

        return $long === null ? $layer : $layer->joined(new Joinery(
            fastener: new Fastener(FastenerKind::Screw, $long, $of(15, 0.5), $of(7, 0.25), $layer->kind === LayerKind::Rail),
        ));
    }

    /** Beams and joists are from a table; nobody looked the rest up. */
    private static function reliedOn(Layer $layer): Layer
    {
        return in_array($layer->kind, [LayerKind::Beam, LayerKind::Joist], true) ? $layer->reliedOn('span table of the yard') : $layer;
    }

    /** @return list<Stock> */
    private static function sold(Layer $layer, Notation $notation): array
    {
        $lengths = array_map($notation->system()->sold(...), [2400, 3000, 3600, 4200, 4800], [96, 120, 144, 192, 240]);
        $area = $layer->thick->inMillimetres() * $layer->deep->inMillimetres();

        return array_map(fn (Length $length) => new Stock($length, round($area * $length->inMillimetres() / 1e6 * self::A_LITRE) / 100), $lengths);
    }
}
