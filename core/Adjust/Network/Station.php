<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

/** A stake by its name, where it should stand, and, where known better, where the search for its place starts. In millimetres. */
final readonly class Station
{
    /** @param  ?array{float, float}  $start x and y; null to start from the design */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public ?array $start = null,
    ) {
    }
}
