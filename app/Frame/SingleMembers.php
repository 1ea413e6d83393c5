<?php

declare(strict_types=1);

namespace App\Frame;

use Aequus\Plan\Frame\Layer;
use Aequus\Plan\Frame\LayerKind;
use Aequus\Plan\Plan;
use Aequus\Words\Frame\LayerWords;
use Aequus\Words\Speech;
use App\Type\Say;

/** Single members of a frame that have a size of their own, and those that may. */
final readonly class SingleMembers
{
    /** @param  list<LayerRow>  $rows  of the frame */
    public function __construct(private Plan $plan, private array $rows)
    {
    }

    /** @return array<string, string> layers of which one may have a size of its own, by what is sent */
    public function singles(): array
    {
        $kinds = array_values(array_filter(
            array_map(fn (Layer $layer) => $layer->kind, array_map(fn (LayerRow $row) => $row->layer, $this->rows)),
            fn (LayerKind $kind) => $kind->isChangedSingly(),
        ));

        return array_combine(array_map(fn (LayerKind $kind) => $kind->value, $kinds), array_map(
            fn (LayerKind $kind) => Say::text(
                $kind === LayerKind::Beam ? 'frame.single_by_row' : 'frame.single_by_number', layer: LayerWords::one($kind),
            ),
            $kinds,
        ));
    }

    /** @return list<array{string, int, string}> single ones that are otherwise: layer, number, and what they are */
    public function otherwise(): array
    {
        $say = new Say(new Speech($this->plan));
        $all = [];
        foreach ($this->rows as $row) {
            foreach ($row->otherwise($say) as [$number, $is]) {
                $all[] = [$row->layer->kind->value, $number, "{$row->name()}. {$is}"];
            }
        }

        return $all;
    }
}
