<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Set\CheckRoute;
use Aequus\Logbook\Set\PointOfNoReturn;
use Aequus\Logbook\Set\ReadyItem;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\ReadyToPour;
use Aequus\Site\SiteState;

/** A pour can’t be taken back: what must be there is seen to, and one measure is taken again by another way, before the first hole is filled. */
enum SeeToThePour implements Says
{
    case SeeToBeforePour;
    case MeasureAnotherWay;

    case NextToBeFilled;
    case BeforeItIsFilled;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach (FillPosts::due($site) as $post) {
            foreach (ReadyItem::cases() as $item) {
                if (! ReadyToPour::isSeen($site, $item, $post) && $item->isFor($site->plan->holdOf($post->id))) {
                    yield new Move(
                        Phase::Set, Fact::of(self::SeeToBeforePour, item: $item), [Fact::of(self::NextToBeFilled, post: $post)], null, null,
                        [$post], EntryKind::Ready,
                    );
                }
            }
            if ($site->plan->holdOf($post->id) !== Hold::Pier && ! ReadyToPour::isCrossChecked($site, PointOfNoReturn::Pour)) {
                $route = CheckRoute::before(PointOfNoReturn::Pour, $site->plan->grid)[0];
                yield new Move(
                    Phase::Set, Fact::of(self::MeasureAnotherWay),
                    [Fact::of(self::BeforeItIsFilled, post: $post, route: $route, catches: Fact::of($route))], null, null, [$post],
                    EntryKind::CrossChecked,
                );
            }

            return;
        }
    }
}
