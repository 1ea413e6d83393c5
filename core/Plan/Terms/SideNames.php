<?php

declare(strict_types=1);

namespace Aequus\Plan\Terms;

/** What the builder calls the four sides: “lane”, “orchard”, “barn”, “stream”. */
final readonly class SideNames
{
    /** @throws PlanRefused when a name is missing or two sides share one */
    public function __construct(
        public string $minusY,
        public string $plusY,
        public string $minusX,
        public string $plusX,
    ) {
        $names = array_map(fn (string $name) => mb_strtolower(trim($name)), [$minusY, $plusY, $minusX, $plusX]);
        if (in_array('', $names, true)) {
            throw PlanRefused::sideWithoutName();
        }
        if (count(array_unique($names)) < 4) {
            throw PlanRefused::sidesShareAName();
        }
    }

    public function nameOf(Side $side): string
    {
        return match ($side) {
            Side::MinusY => $this->minusY,
            Side::PlusY => $this->plusY,
            Side::MinusX => $this->minusX,
            Side::PlusX => $this->plusX,
        };
    }
}
