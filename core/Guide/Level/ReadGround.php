<?php

declare(strict_types=1);

namespace Aequus\Guide\Level;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The ground at every post, in walking order. */
enum ReadGround implements Says
{
    case ReadGround;

    case TrueGround;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $left = count($site->level->unread);
        foreach ($site->walk() as $post) {
            if ($site->level->groundAt($post) === null) {
                yield new Move(
                    Phase::Level, Fact::of(self::ReadGround, post: $post), [
                        Fact::of(self::TrueGround, left: $left, all: count($site->plan->grid->posts)),
                    ],
                    posts: [$post], asks: EntryKind::Rod,
                );
            }
        }
    }
}
