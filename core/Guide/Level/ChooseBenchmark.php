<?php

declare(strict_types=1);

namespace Aequus\Guide\Level;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
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
                Phase::Level, Fact::of(MoveKind::ChooseBenchmark), [Fact::of(MoveWhy::WillNotMove)],
                asks: EntryKind::Benchmark,
            );
        } elseif ($site->level->ofInstrument === null) {
            yield new Move(
                Phase::Level, Fact::of(MoveKind::ReadBenchmark, benchmark: $site->level->benchmark->name), [Fact::of(MoveWhy::FirstReading)],
                asks: EntryKind::Rod,
            );
        }
    }
}
