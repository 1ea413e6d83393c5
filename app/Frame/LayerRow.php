<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Frame\Piece;
use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Words\Frame\LayerWords;
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

    /** @return list<array{string, string, Length}> lengths that can be typed: field, label, what counts */
    public function fields(): array
    {
        [$layer, $kind] = [$this->layer, $this->layer->kind];
        [$thick, $deep] = match ($kind) {
            LayerKind::Board => ['frame.board_wide', 'frame.board_thick'], LayerKind::Sheet => ['frame.covers', 'frame.sheet_thick'], default => ['frame.thick', 'frame.deep'],
        };

        return [
            ["{$kind->value}_thick", Say::text($thick), $layer->thick], ["{$kind->value}_deep", Say::text($deep), $layer->deep],
            ...($kind->hasSpacing() ? [["{$kind->value}_apart", Say::text($kind === LayerKind::Brace ? 'frame.legs' : 'frame.apart'), $layer->apart ?? Length::zero()]] : []),
            ...($kind->standsOver() ? [["{$kind->value}_past", Say::text('frame.past'), $layer->past()]] : []),
            ...($kind->hasGap() ? [["{$kind->value}_gap", Say::text('frame.gap'), $layer->gap ?? Length::zero()]] : []),
        ];
    }

    /** @return list<array{string, string, int}> whole numbers that can be typed: field, label, what counts */
    public function counts(): array
    {
        [$layer, $kind] = [$this->layer, $this->layer->kind];

        return [
            ...($kind->isCounted() ? [["{$kind->value}_count", Say::text($kind === LayerKind::Rail ? 'frame.rails' : 'frame.plies'), $layer->count]] : []),
            ["{$kind->value}_fixings", Say::text('frame.fixings_each'), $layer->fixings],
        ];
    }
}
