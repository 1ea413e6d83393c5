<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

use Aequus\Measure\Length;

/** The heights in one hole between which its layers lie, above its bottom, and the layers that most ways of holding share. */
final readonly class InTheHole
{
    /**
     * @param  Length  $gravel  where the gravel ends
     * @param  Length  $foot  where the post stands
     * @param  Length  $ground  how deep the hole is
     * @param  Length  $end  where a fill ends
     * @param  Length  $collarFrom  where a collar begins, where one is poured
     * @param  ?Length  $tubeTop  where the tube of a pier ends; null for other ways
     * @param  Material  $bed  what the post stands on
     * @param  Length  $mound  how far above the ground a fill ends that is mounded
     */
    public function __construct(
        public Length $gravel,
        public Length $foot,
        public Length $ground,
        private Length $end,
        public Length $collarFrom,
        public ?Length $tubeTop,
        private Material $bed,
        private FillEnd $fillEnd,
        private Length $mound,
    ) {
    }

    /** @return array{Layer, Layer} gravel, and what the post stands on */
    public function under(): array
    {
        return [
            new Layer(Material::Gravel, Length::zero(), $this->gravel, LayerTime::First),
            new Layer($this->bed, $this->gravel, $this->foot, LayerTime::First),
        ];
    }

    /**
     * @param  ?Length  $from  where it begins; null for the foot of the post
     * @return list<Layer> what is filled in up to where a fill ends here, and what covers or crowns it
     */
    public function filled(Material $material, ?Length $from = null): array
    {
        return [
            new Layer($material, $from ?? $this->foot, $this->end, LayerTime::Fill),
            ...match ($this->fillEnd) {
                FillEnd::Flush => [],
                FillEnd::BelowTurf => [new Layer(Material::Earth, $this->end, $this->ground, LayerTime::Last)],
                FillEnd::Mounded => [new Layer($material, $this->ground, $this->ground->plus($this->mound), LayerTime::Fill, LayerPlace::Mound)],
            },
        ];
    }
}
