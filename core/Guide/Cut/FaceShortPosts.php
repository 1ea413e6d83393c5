<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post that comes out short is faced before any other is cut. */
enum FaceShortPosts implements Says
{
    case FaceShortPost;

    case TopBelowItsMark;

    case TooShort;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->cut->short() as $mark) {
            if ($site->decided(DecisionAbout::AcceptShortPost, $mark->post) !== null) {
                continue;
            }
            yield new Move(
                Phase::Cut, Fact::of(self::FaceShortPost, post: $mark->post), [Fact::of(self::TopBelowItsMark)],
                $mark->cutOff()?->magnitude(), Fact::of(self::TooShort), [$mark->post], EntryKind::Decision,
            );
        }
    }
}
