<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Soil other than was assumed opens width and way of holding again, before more holes are dug or anything is put in. */
enum WeighHoldingAgain implements Says
{
    case WeighHoldingAgain;

    case SoilFound;
    case FootMustBeWider;
    case SuitsBestNow;
    case DecideAnew;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->footing->surprises() as $surprise) {
            if (! $site->isOpen($surprise)) {
                continue;
            }
            $post = $surprise->hole->required->post;
            yield new Move(
                Phase::Footing, Fact::of(self::WeighHoldingAgain), [
                    Fact::of(self::SoilFound, found: $surprise->found, post: $post, assumed: $surprise->assumed),
                    $surprise->better === null ? Fact::of(self::FootMustBeWider) : Fact::of(self::SuitsBestNow, hold: $surprise->better),
                    Fact::of(self::DecideAnew),
                ],
                null, null, [$post], EntryKind::Decision,
            );
        }
    }
}
