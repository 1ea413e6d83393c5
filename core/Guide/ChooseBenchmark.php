<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Every height is measured from one thing that will not move. */
final readonly class ChooseBenchmark implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->level->benchmark === null) {
            yield new Move(
                Phase::Level, 'Choose a benchmark',
                'A sill, a kerb or a nail in a tree: one thing that will not move until the last cut. Every height is counted from it.',
                asks: EntryKind::Benchmark,
            );
        } elseif ($site->level->ofInstrument === null) {
            yield new Move(
                Phase::Level, "Read the rod on {$site->level->benchmark->name}",
                'Set the laser where it sees the benchmark and every post. This first reading gives its own height.',
                asks: EntryKind::Rod,
            );
        }
    }
}
