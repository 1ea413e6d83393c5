<?php

declare(strict_types=1);

namespace Aequus\Guide\Level;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The ground at every post, in walking order. */
final readonly class ReadGround implements Rule
{
    public function moves(SiteState $site): iterable
    {
        $left = count($site->level->unread);
        foreach ($site->walk() as $post) {
            if ($site->level->groundAt($post) === null) {
                yield new Move(
                    Phase::Level, Fact::of(MoveKind::ReadGround, post: $post), [
                        Fact::of(MoveWhy::TrueGround, left: $left, all: count($site->plan->grid->posts)),
                    ],
                    posts: [$post], asks: EntryKind::Rod,
                );
            }
        }
    }
}
