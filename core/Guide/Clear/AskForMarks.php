<?php

declare(strict_types=1);

namespace Aequus\Guide\Clear;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Nobody digs before utility marks were asked for; they take days, so they come first. */
enum AskForMarks implements Says
{
    case StopDiggingAndAsk;
    case AskForMarks;

    case DugWithoutNotice;
    case MarksTakeDays;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->clear->notice === null && $site->footing->dug->count() > 0) {
            yield new Move(
                Phase::Clear, Fact::of(self::StopDiggingAndAsk), [Fact::of(self::DugWithoutNotice)],
                asks: EntryKind::Notice,
            );
        } elseif ($site->clear->notice === null) {
            yield new Move(
                Phase::Clear, Fact::of(self::AskForMarks), [Fact::of(self::MarksTakeDays)],
                asks: EntryKind::Notice,
            );
        }
    }
}
