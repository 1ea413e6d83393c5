<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Nobody digs before utility marks were asked for; they take days, so they come first. */
final readonly class AskForMarks implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->clear->notice === null && $site->footing->dug->count() > 0) {
            yield new Move(
                Phase::Clear, Fact::of(MoveKind::StopDiggingAndAsk), [Fact::of(MoveWhy::DugWithoutNotice)],
                asks: EntryKind::Notice,
            );
        } elseif ($site->clear->notice === null) {
            yield new Move(
                Phase::Clear, Fact::of(MoveKind::AskForMarks), [Fact::of(MoveWhy::MarksTakeDays)],
                asks: EntryKind::Notice,
            );
        }
    }
}
