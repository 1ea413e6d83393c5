<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Depth needs rules: frost, margin, embedment. The local office has the last word. */
enum DecideFooting implements Says
{
    case DecideFooting;
    case ChangePlane;

    case FrostFromTheOffice;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->plan->footing === null) {
            yield new Move(
                Phase::Footing, Fact::of(self::DecideFooting), [Fact::of(self::FrostFromTheOffice)],
            );
        } elseif ($site->footing->refused !== null) {
            yield new Move(Phase::Footing, Fact::of(self::ChangePlane), [$site->footing->refused->fact]);
        }
    }
}
