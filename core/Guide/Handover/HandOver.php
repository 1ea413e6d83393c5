<?php

declare(strict_types=1);

namespace Aequus\Guide\Handover;

use Aequus\Fact\Fact;
use Aequus\Guide\Cut\BuildFrame;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** When all is done it is handed over, with its record; what the days still count, because nobody wrote it down, is told. */
enum HandOver implements Says
{
    case HandOver;
    case HandOverAnew;

    case ChangedSinceHandover;
    case NothingLacks;
    case PostsLack;
    case LayoutNotProved;
    case BracesNotOff;
    case MembersNotUp;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->handedOver() === null) {
            $open = count($site->lacking());
            $unread = $site->readingsLacking();
            $braced = $site->plan->holding?->ofJob === Hold::Pier ? 0 : count($site->unstripped());
            $notUp = BuildFrame::left($site);
            yield new Move(
                Phase::Handover, Fact::of($site->isChangedSinceHandover() ? self::HandOverAnew : self::HandOver), [
                    ...($site->isChangedSinceHandover() ? [Fact::of(self::ChangedSinceHandover)] : []),
                    $open === 0 ? Fact::of(self::NothingLacks) : Fact::of(self::PostsLack, count: $open),
                    ...($unread === 0 ? [] : [Fact::of(self::LayoutNotProved, count: $unread)]),
                    ...($braced === 0 ? [] : [Fact::of(self::BracesNotOff, count: $braced)]),
                    ...($notUp === 0 ? [] : [Fact::of(self::MembersNotUp, count: $notUp)]),
                ],
                asks: EntryKind::HandedOver,
            );
        }
    }
}
