<?php

declare(strict_types=1);

namespace Aequus\Plan;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Closeness;

/** What counts as close enough on this job. */
final readonly class Tolerances
{
    /** @throws Terms\PlanRefused when a figure can’t be */
    public function __construct(
        public ToleranceClass $class,
        /** How far a stake or a height may be off. */
        public Length $squareness,
        /** n of the plumb limit 1 in n. */
        public int $plumbOneIn,
        /** How far a stake of a single row may be off along it; null for as much as across it. */
        public ?Length $along = null,
    ) {
        $this->closeness(true);
    }

    /** How close a post of the first grid must stand. */
    public function closeness(bool $inOneRow = false): Closeness
    {
        return new Closeness($this->squareness, $inOneRow ? $this->along : null);
    }
}
