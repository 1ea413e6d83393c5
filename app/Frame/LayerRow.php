<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Frame\Piece;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Frame\Seating;
use Aequus\Words\Frame\LayerWords;
use App\Type\Said;
use App\Type\Say;

/** One layer of a frame as the page shows it, and what its fields are called. */
final readonly class LayerRow
{
    /** @param  list<Piece>  $pieces */
    public function __construct(public Layer $layer, public array $pieces, public int $fixings)
    {
    }

    public function name(): string
    {
        return LayerWords::all($this->layer->kind);
    }

    /** @return list<array{int, Length}> how many of each length, longest first */
    public function lengths(): array
    {
        $lengths = array_count_values(array_map(fn (Piece $piece) => $piece->length->nanometres, $this->pieces));
        krsort($lengths);

        return array_map(fn (int $length, int $count) => [$count, Length::nanometres($length)], array_keys($lengths), $lengths);
    }

    /** @return list<array{string, string, ?Length, string}> lengths that can be typed: field, label, what counts, and what an empty one means */
    public function fields(): array
    {
        [$layer, $kind, $joinery] = [$this->layer, $this->layer->kind, $this->layer->joinery];
        [$thick, $deep] = match ($kind) {
            LayerKind::Board => ['frame.board_wide', 'frame.board_thick'], LayerKind::Sheet => ['frame.covers', 'frame.sheet_thick'],
            LayerKind::Panel => ['frame.panel_thick', 'frame.panel_high'], default => ['frame.thick', 'frame.deep'],
        };
        $field = fn (string $name, string $label, ?Length $now, string $hint = ''): array => [
            "{$kind->value}_{$name}", Say::text($label), $now, $hint === '' ? '' : Say::text($hint),
        ];

        return [
            $field('thick', $thick, $layer->thick), $field('deep', $deep, $layer->deep),
            ...($kind->hasSpacing() ? [$field(
                'apart', $kind === LayerKind::Brace ? 'frame.legs' : 'frame.apart', $layer->apart ?? Length::zero(),
            )] : []),
            ...($kind->standsOver() ? [$field('past', 'frame.past', $layer->past())] : []),
            ...($kind->hasGap() ? [$field('gap', 'frame.gap', $layer->gap ?? Length::zero())] : []),
            ...match ($kind) {
                LayerKind::Beam => [$field('seat', 'frame.beam_seat', $joinery->seat, 'frame.beam_seat_why')],
                LayerKind::Joist => [$field('seat', 'frame.rafter_seat', $joinery->seat, 'frame.rafter_seat_why')],
                LayerKind::Brace => [$field('down', 'frame.leg_down', $joinery->down, 'frame.leg_down_why')],
                LayerKind::Panel => [$field('down', 'frame.panel_down', $joinery->down, 'frame.panel_down_why')],
                default => [],
            },
            ...($kind->isSpread() ? [$field('offset', 'frame.offset', $layer->spread->offset, 'frame.offset_why')] : []),
        ];
    }

    /** @return list<array{string, string, string, array<string, string>}> what is chosen: field, label, what counts, and the ways */
    public function choices(): array
    {
        [$kind, $joinery] = [$this->layer->kind, $this->layer->joinery];
        $seatings = array_combine(
            array_column(Seating::cases(), 'value'), array_map(fn (Seating $case) => Say::text("frame.seating_{$case->value}"), Seating::cases()),
        );

        return [
            ...($kind === LayerKind::Beam ? [["{$kind->value}_seating", Say::text('frame.seating'), $joinery->seating->value, $seatings]] : []),
            ...($kind === LayerKind::Joist ? [
                ["{$kind->value}_high", Say::text('frame.high_end'), $joinery->high->value, FrameSums::ends()],
                ["{$kind->value}_low", Say::text('frame.low_end'), $joinery->low->value, FrameSums::ends()],
            ] : []),
            ...($kind->isSpread() ? [["{$kind->value}_by", Say::text('frame.spread'), $this->layer->spread->atCentres ? 'centres' : 'even', [
                'even' => Say::text('frame.spread_even'), 'centres' => Say::text('frame.spread_centres'),
            ]]] : []),
        ];
    }

    /** @return list<array{int, Said, string}> single ones that are otherwise: number, what they are, and what that was taken from */
    public function otherwise(Say $say): array
    {
        return array_map(fn (int $number) => [$number, $say(
            $this->layer->kind === LayerKind::Beam ? 'frame.one_row' : 'frame.one_number', number: $number, count: $this->layer->at($number)->count,
            one: $this->layer->at($number)->thick,
            other: $this->layer->at($number)->deep,
        ), $this->layer->at($number)->reliedOn], array_keys($this->layer->singly));
    }

    /** @return list<array{string, string, string, string}> what is typed in words or figures: field, label, hint, what counts */
    public function texts(): array
    {
        [$layer, $kind] = [$this->layer, $this->layer->kind];

        return [
            ...($kind->mayBeLeftOut() ? [
                [
                    "{$kind->value}_left_out", Say::text('frame.left_out'),
                    Say::text($kind === LayerKind::Rail ? 'frame.left_out_rows' : 'frame.left_out_why'), implode(', ', $layer->spread->leftOut),
                ],
            ] : []),
            ...($kind->isTimber() ? [
                [
                    "{$kind->value}_moisture", Say::text('frame.moisture'), Say::text('frame.moisture_why'),
                    $layer->moisture === null ? '' : (string) $layer->moisture,
                ],
            ] : []),
        ];
    }

    /** @return list<array{string, string, int}> whole numbers that can be typed: field, label, what counts */
    public function counts(): array
    {
        [$layer, $kind] = [$this->layer, $this->layer->kind];

        return [
            ...($kind->isCounted() ? [
                ["{$kind->value}_count", Say::text($kind === LayerKind::Rail ? 'frame.rails' : 'frame.plies'), $layer->count],
            ] : []),
            ["{$kind->value}_fixings", Say::text('frame.fixings_each'), $layer->fixings],
        ];
    }
}
