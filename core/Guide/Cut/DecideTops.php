<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Cut marks need to know where the tops shall be. */
enum DecideTops implements Says
{
    case DecideTops;

    case OneHeight;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        if ($site->plan->tops === null) {
            yield new Move(
                Phase::Cut, Fact::of(self::DecideTops), [Fact::of(self::OneHeight, post: $site->plan->grid->posts[0])],
            );
        }
    }
}
