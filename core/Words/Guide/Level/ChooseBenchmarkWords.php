<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Level;

use Aequus\Guide\Level\ChooseBenchmark;

final class ChooseBenchmarkWords
{
    public static function of(ChooseBenchmark $is): string
    {
        return match ($is) {
            ChooseBenchmark::ChooseBenchmark => 'Choose a benchmark',
            ChooseBenchmark::ReadBenchmark => 'Read the rod on {benchmark}',
            ChooseBenchmark::WillNotMove => 'A sill, a kerb or a nail in a tree: one thing that will not move until the last cut. Every height is '
                .'counted from it.',
            ChooseBenchmark::FirstReading => 'Set the laser where it sees the benchmark and every post. This first reading gives its own height.',
        };
    }
}
