<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Square\SquareVerdict;

/** Lines that hold the layout and can’t all be true: while that stands no stake is judged by them. */
final readonly class SettleLines implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->square->verdict() !== SquareVerdict::LinesContradict || $site->decided(DecisionAbout::AcceptOutline) !== null) {
            return;
        }
        $names = implode(' and ', array_map(fn (string $id) => $site->plan->fixedLine($id)->name ?? $id, $site->square->survey->linesInConflict()));
        yield new Move(
            Phase::Square, "Find out which is true: {$names}",
            "Measured from the stakes, {$names} do not lie to each other as the plan has them; either may be wrong. Measure between them, correct the plan, or only keep a distance from one of them. While this stands nothing is judged by a line.",
            asks: EntryKind::Decision,
        );
    }
}
