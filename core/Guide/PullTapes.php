<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The tapes that prove the layout, in walking order. */
final readonly class PullTapes implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->square->readyList() as $pair) {
            if ($site->square->find($pair) === null) {
                yield new Move(
                    Phase::Square, "Pull the tape {$pair->label()}",
                    "If both stakes stand where the plan has them it reads {$site->plan->write($pair->planned())}. Hold it on the nails, level.",
                    $pair->planned(), 'from nail to nail', [$pair->from, $pair->to], EntryKind::Tape,
                );
            }
        }
    }
}
