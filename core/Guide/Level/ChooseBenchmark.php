<?php

declare(strict_types=1);

namespace Aequus\Guide\Level;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Every height is measured from one thing that will not move. */
enum ChooseBenchmark implements Says
{
    case ChooseBenchmark;
    case ReadBenchmark;

    case WillNotMove;
    case FirstReading;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->level->benchmark === null) {
            yield new Move(
                Phase::Level, Fact::of(self::ChooseBenchmark), [Fact::of(self::WillNotMove)],
                asks: EntryKind::Benchmark,
            );
        } elseif ($site->level->ofInstrument === null) {
            yield new Move(
                Phase::Level, Fact::of(self::ReadBenchmark, benchmark: $site->level->benchmark->name), [Fact::of(self::FirstReading)],
                asks: EntryKind::Rod,
            );
        }
    }
}
