<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** Depth needs rules: frost, margin, embedment. The local office has the last word. */
final readonly class DecideFooting implements Rule
{
    public function moves(SiteState $site): iterable
    {
        if ($site->plan->footing === null) {
            yield new Move(
                Phase::Footing, Fact::of(MoveKind::DecideFooting), [Fact::of(MoveWhy::FrostFromTheOffice)],
            );
        } elseif ($site->footing->refused !== null) {
            yield new Move(Phase::Footing, Fact::of(MoveKind::ChangePlane), [$site->footing->refused->fact]);
        }
    }
}
