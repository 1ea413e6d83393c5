<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;

/** Cuts can’t be taken back: one height is taken again by another way before the first. */
final readonly class MeasureOnceMore implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $uncut = array_values(array_filter($site->plan->grid->posts, fn ($post) => ! $site->cut->isCut($post)));
        if ($site->plan->tops === null || $uncut === [] || ReadyToPour::isCrossChecked($site, PointOfNoReturn::Cut)) {
            return;
        }
        $route = CheckRoute::before(PointOfNoReturn::Cut, $site->plan->grid)[0];
        yield new Move(
            Phase::Cut, Fact::of(MoveKind::MeasureAnotherWay), [Fact::of(MoveWhy::BeforeTheFirstCut, route: $route, catches: Fact::of($route))],
            asks: EntryKind::CrossChecked,
        );
    }
}
