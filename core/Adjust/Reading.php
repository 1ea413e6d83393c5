<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** Something read on site that says where stations stand to each other or to a fixed line. All in millimetres. */
interface Reading
{
    public function id(): string;

    public function observed(): float;

    /** Standard deviation. */
    public function sigma(): float;

    /** @return list<string> the stations it speaks of */
    public function stations(): array;

    /** The tape it was read with, where that tape may have a constant error of its own; null otherwise. */
    public function tape(): ?string;

    /** @param  array<string, array{float, float}>  $at x and y by the station’s name */
    public function computed(array $at): float;

    /**
     * How the computed value changes with each station.
     *
     * @param  array<string, array{float, float}>  $at
     * @return array<string, array{float, float}> by the station’s name
     */
    public function slopes(array $at): array;
}
