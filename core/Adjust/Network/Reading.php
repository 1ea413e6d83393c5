<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/** Something read on site that says where stations stand to each other or to a fixed line. All in millimetres. */
abstract readonly class Reading
{
    /** @param  float  $sigma  standard deviation */
    public function __construct(private string $id, private float $observed, private float $sigma)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function observed(): float
    {
        return $this->observed;
    }

    /** Standard deviation. */
    public function sigma(): float
    {
        return $this->sigma;
    }

    /** @return list<string> the stations it speaks of */
    abstract public function stations(): array;

    /** The tape it was read with, where that tape may have a constant error of its own; null otherwise. */
    public function tape(): ?string
    {
        return null;
    }

    /** @param  array<string, Vector>  $at by the station’s name */
    abstract public function computed(array $at): float;

    /**
     * How the computed value changes with each station.
     *
     * @param  array<string, Vector>  $at
     * @return array<string, Vector> by the station’s name
     */
    abstract public function slopes(array $at): array;
}
