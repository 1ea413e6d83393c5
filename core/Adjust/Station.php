<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/** A stake by its name and where it should stand, in millimetres. */
final readonly class Station
{
    public function __construct(public string $name, public float $x, public float $y)
    {
    }
}
