<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;

/**
 * What lies in one hole, from the foot up, as its way of holding says. Quantities, drawings and the steps of a pour read these layers. All heights
 * above the bottom of the hole.
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
        Hold $hold, Customs $customs, Length $gravel, Length $foot, Length $ground, Length $collar, ?Length $tubeTop, Length $turf, Length $mound,
    ) {
        $end = $customs->fillEnd === FillEnd::BelowTurf && $turf->isShorterThan($ground) ? $ground->minus($turf) : $ground;
        $bed = match ($customs->foot->under($hold)) {
            FootBed::Block => Material::Block,
            FootBed::Pad => Material::Concrete,
            default => Material::Gravel,
        };
        $collarFrom = $end->minus($collar)->isShorterThan($foot) ? $foot : $end->minus($collar);
        $in = new InTheHole($gravel, $foot, $ground, $end, $collarFrom, $tubeTop, $bed, $customs->fillEnd, $mound);
        $this->layers = array_values(array_filter($hold->layers($in), fn (Layer $layer) => $layer->height()->isPositive()));
    }
}
