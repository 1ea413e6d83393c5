<?php

declare(strict_types=1);

namespace Aequus\Guide\Handover;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** When all is done it is handed over, with its record. */
final readonly class HandOver implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->handedOver() === null) {
            $open = count($site->lacking());
            yield new Move(
                Phase::Handover, Fact::of($site->isChangedSinceHandover() ? MoveKind::HandOverAnew : MoveKind::HandOver), [
                    ...($site->isChangedSinceHandover() ? [Fact::of(MoveWhy::ChangedSinceHandover)] : []),
                    $open === 0 ? Fact::of(MoveWhy::NothingLacks) : Fact::of(MoveWhy::PostsLack, count: $open),
                ],
                asks: EntryKind::HandedOver,
            );
        }
    }
}
