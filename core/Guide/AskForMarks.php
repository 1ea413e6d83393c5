<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Nobody digs before utility marks were asked for; they take days, so they come first. */
final readonly class AskForMarks implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->clear->notice === null && $site->footing->dug !== []) {
            yield new Move(
                Phase::Clear, 'Stop digging and ask for utility marks',
                'Holes are written down, but no notice is. What lies in the ground here is not known until the lines are marked.',
                asks: EntryKind::Notice,
            );
        } elseif ($site->clear->notice === null) {
            yield new Move(
                Phase::Clear, 'Ask for utility marks',
                'Marks take some working days, so ask before the staking. Private lines are yours to find and enter.',
                asks: EntryKind::Notice,
            );
        }
    }
}
