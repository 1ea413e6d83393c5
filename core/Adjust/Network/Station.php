<?php

declare(strict_types=1);

namespace Aequus\Adjust\Network;

use Aequus\Measure\Vector;

/** A stake by its name, where it should stand, and, where known better, where the search for its place starts. In millimetres. */
final readonly class Station
{
    /** @param  ?Vector  $start  null to start from the design */
    public function __construct(
        public string $name,
        public Vector $design,
        public ?Vector $start = null,
    ) {
    }
}
