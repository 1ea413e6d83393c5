<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;

/** What counts as close enough on this job. */
final readonly class Tolerances
{
    public function __construct(
        public ToleranceClass $class,
        /** How far a stake or a height may be off. */
        public Length $squareness,
        /** n of the plumb limit 1 in n. */
        public int $plumbOneIn,
    ) {
    }
}
