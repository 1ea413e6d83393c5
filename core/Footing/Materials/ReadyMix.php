<?php

declare(strict_types=1);

namespace Aequus\Footing\Materials;

/** Concrete brought by a truck: ordered in whole lots. Volumes in mm³. */
final readonly class ReadyMix
{
    public int $lots;

    public float $ordered;

    /**
     * @param  float  $waste  as a share
     * @param  float  $lot  the least step in which it is sold
     */
    public function __construct(float $volume, float $waste, public float $lot)
    {
        $this->lots = (int) ceil($volume * (1 + $waste) / $lot - 1e-9);
        $this->ordered = $this->lots * $lot;
    }
}
