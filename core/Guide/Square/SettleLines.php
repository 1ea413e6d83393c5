<?php

declare(strict_types=1);

namespace Aequus\Guide\Square;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\SquareVerdict;

/** Lines that hold the layout and can’t all be true: while that stands no stake is judged by them. */
enum SettleLines implements Says
{
    case SettleLines;

    case LinesDisagree;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->square->verdict() !== SquareVerdict::LinesContradict || $site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        $names = array_map(fn (string $id) => $site->plan->fixedLine($id)->name ?? $id, $site->square->survey->linesInConflict());
        yield new Move(
            Phase::Square, Fact::of(self::SettleLines, lines: $names), [Fact::of(self::LinesDisagree, lines: $names)],
            asks: EntryKind::Decision,
        );
    }
}
