<?php

declare(strict_types=1);

namespace Aequus\Guide\Handover;

use Aequus\Fact\Fact;
use Aequus\Guide\Cut\BuildFrame;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** When all is done it is handed over, with its record; what the days still count, because nobody wrote it down, is told. */
final readonly class HandOver implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->handedOver() === null) {
            $open = count($site->lacking());
            $braced = $site->plan->holding?->ofJob === Hold::Pier ? 0 : count($site->unstripped());
            $notUp = BuildFrame::left($site);
            yield new Move(
                Phase::Handover, Fact::of($site->isChangedSinceHandover() ? MoveKind::HandOverAnew : MoveKind::HandOver), [
                    ...($site->isChangedSinceHandover() ? [Fact::of(MoveWhy::ChangedSinceHandover)] : []),
                    $open === 0 ? Fact::of(MoveWhy::NothingLacks) : Fact::of(MoveWhy::PostsLack, count: $open),
                    ...($braced === 0 ? [] : [Fact::of(MoveWhy::BracesNotOff, count: $braced)]),
                    ...($notUp === 0 ? [] : [Fact::of(MoveWhy::MembersNotUp, count: $notUp)]),
                ],
                asks: EntryKind::HandedOver,
            );
        }
    }
}
