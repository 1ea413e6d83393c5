<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;

/**
 * What lies in one hole, from the foot up, as its way of holding says: the only place where that stands. Quantities, drawings and the steps of a
 * pour read these layers. All heights above the bottom of the hole.
 */
final readonly class HoleLayers
{
    /** @var list<Layer> from the bottom up, none without height */
    public array $layers;

    /**
     * @param  Length  $gravel  where the gravel ends
     * @param  Length  $foot  where the post stands, on its pad
     * @param  Length  $ground  how deep the hole is
     * @param  Length  $collar  height of a collar, where one is poured
     * @param  ?Length  $tubeTop  where the tube of a pier ends; null for other ways
     * @param  Length  $turf  how far below the ground a fill ends that stops below turf
     * @param  Length  $mound  how far above the ground one ends that is mounded
     */
    public function __construct(
        Hold $hold, Customs $customs, Length $gravel, Length $foot, private Length $ground, Length $collar, ?Length $tubeTop, Length $turf,
        Length $mound,
    ) {
        $end = $customs->fillEnd === FillEnd::BelowTurf && $turf->isShorterThan($ground) ? $ground->minus($turf) : $ground;
        $collarFrom = $end->minus($collar)->isShorterThan($foot) ? $foot : $end->minus($collar);
        $zero = Length::zero();
        $bed = match ($customs->foot->under($hold)) {
            FootBed::Block => Material::Block,
            FootBed::Pad => Material::Concrete,
            default => Material::Gravel,
        };
        $under = [new Layer(Material::Gravel, $zero, $gravel, LayerTime::First), new Layer($bed, $gravel, $foot, LayerTime::First)];
        $fill = fn (Material $material): array => [
            new Layer($material, $foot, $end, LayerTime::Fill), ...$this->over($material, $end, $customs->fillEnd, $mound),
        ];
        $layers = match ($hold) {
            Hold::Concrete => [...$under, ...$fill(Material::Concrete)],
            Hold::Collar => [
                ...$under, new Layer(Material::Earth, $foot, $collarFrom, LayerTime::Fill),
                new Layer(
                    Material::Concrete, $collarFrom, $end, LayerTime::Fill,
                ), ...$this->over(Material::Concrete, $end, $customs->fillEnd, $mound),
            ],
            Hold::Gravel => [...$under, ...$fill(Material::Gravel)],
            Hold::Earth => [...$under, ...$fill(Material::Earth)],
            Hold::Foam => [...$under, ...$fill(Material::Foam)],
            Hold::Pier => [
                $under[0], new Layer(Material::Earth, $gravel, $ground, LayerTime::First, LayerPlace::RoundTheTube),
                new Layer(Material::Concrete, $gravel, $tubeTop ?? $ground, LayerTime::Fill, LayerPlace::Tube),
            ],
            Hold::Driven => [],
        };
        $this->layers = array_values(array_filter($layers, fn (Layer $layer) => $layer->height()->isPositive()));
    }

    /** @return list<Layer> what ends above the ground, or covers what ends below it */
    private function over(Material $material, Length $end, FillEnd $asked, Length $mound): array
    {
        return match ($asked) {
            FillEnd::Flush => [],
            FillEnd::BelowTurf => [new Layer(Material::Earth, $end, $this->ground, LayerTime::Last)],
            FillEnd::Mounded => [new Layer($material, $this->ground, $this->ground->plus($mound), LayerTime::Fill, LayerPlace::Mound)],
        };
    }
}
