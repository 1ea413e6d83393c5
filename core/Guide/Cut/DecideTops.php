<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Cut marks need to know where the tops shall be. */
final readonly class DecideTops implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->plan->tops === null) {
            yield new Move(
                Phase::Cut, Fact::of(MoveKind::DecideTops), [Fact::of(MoveWhy::OneHeight, post: $site->plan->grid->posts[0])],
            );
        }
    }
}
