<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

/** From where sun, wind and water come to a site, and where north lies: whole degrees from +x toward +y; null where nobody said. */
final readonly class Surroundings
{
    public function __construct(public ?int $north = null, public ?int $sun = null, public ?int $wind = null, public ?int $water = null)
    {
    }
}
