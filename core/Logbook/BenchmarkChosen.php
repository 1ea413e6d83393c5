<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;

/** The one thing every height is measured from, and the height it counts as. */
final readonly class BenchmarkChosen implements Payload
{
    use AsksNothing;

    public function __construct(public string $name, public Length $height)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::Benchmark;
    }

    public function posts(): array
    {
        return [];
    }
}
