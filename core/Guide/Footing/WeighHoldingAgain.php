<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Soil other than was assumed opens width and way of holding again, before more holes are dug or anything is put in. */
final readonly class WeighHoldingAgain implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->footing->surprises() as $surprise) {
            if (! $site->isOpen($surprise)) {
                continue;
            }
            $post = $surprise->hole->required->post;
            yield new Move(
                Phase::Footing, Fact::of(MoveKind::WeighHoldingAgain), [
                    Fact::of(MoveWhy::SoilFound, found: $surprise->found, post: $post, assumed: $surprise->assumed),
                    $surprise->better === null ? Fact::of(MoveWhy::FootMustBeWider) : Fact::of(MoveWhy::SuitsBestNow, hold: $surprise->better),
                    Fact::of(MoveWhy::DecideAnew),
                ],
                null, null, [$post], EntryKind::Decision,
            );
        }
    }
}
