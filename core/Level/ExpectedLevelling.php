<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Fact\Fact;
use Aequus\Measure\Length;

/** One instrument on one grid: how far off the far corner may come out at 95 %, and what it takes. */
final readonly class ExpectedLevelling
{
    public function __construct(
        public InstrumentKind $instrument,
        public Length $error,
        public int $readings,
        public int $setUps,
        public bool $meets,
        public Fact $how,
    ) {
    }
}
