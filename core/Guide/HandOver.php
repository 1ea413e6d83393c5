<?php

declare(strict_types=1);

namespace Aequus\Guide;

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
                Phase::Handover, $site->isChangedSinceHandover() ? 'Hand the work over anew' : 'Hand the work over',
                ($site->isChangedSinceHandover() ? 'It was handed over, and the plan was changed since: the record is of another plan. ' : '').($open === 0 ? 'Every post has its depth, its plumb readings and its cut in the book.' : "{$open} posts lack a depth, a plumb reading or a cut in the book; the record says so."),
                asks: EntryKind::HandedOver,
            );
        }
    }
}
