<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Guide\Set\SeeToThePour;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;

/** Cuts can’t be taken back: one height is taken again by another way before the first. */
enum MeasureOnceMore implements Says
{
    case BeforeTheFirstCut;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $uncut = array_values(array_filter($site->plan->grid->posts, fn ($post) => ! $site->cut->isCut($post)));
        if ($site->plan->tops === null || $uncut === [] || ReadyToPour::isCrossChecked($site, PointOfNoReturn::Cut)) {
            return;
        }
        $route = CheckRoute::before(PointOfNoReturn::Cut, $site->plan->grid)[0];
        yield new Move(
            Phase::Cut, Fact::of(SeeToThePour::MeasureAnotherWay), [Fact::of(self::BeforeTheFirstCut, route: $route, catches: Fact::of($route))],
            asks: EntryKind::CrossChecked,
        );
    }
}
