<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Measure\Vector;

/** How far stakes may stand off: the tolerance of the job, and stretches for those that have one of their own. Millimetres. */
final readonly class Allowed
{
    /** @param  array<string, Stretch>  $stretches  by station, on the axes of the design */
    public function __construct(public float $tolerance, public array $stretches = [])
    {
    }

    /** The same on the ground, for a design that is turned there. */
    public function turned(float $angle): self
    {
        return new self($this->tolerance, array_map(fn (Stretch $stretch) => $stretch->turned($angle), $this->stretches));
    }

    /** A move as it compares with the tolerance. */
    public function counts(string $name, Vector $move): Vector
    {
        return ($this->stretches[$name] ?? null)?->move($move) ?? $move;
    }

    public function isWithin(string $name, Vector $move): bool
    {
        return $this->counts($name, $move)->length() <= $this->tolerance;
    }
}
