<?php

declare(strict_types=1);

namespace Aequus\Guide\Cut;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\Book\DecisionAbout;
use Aequus\Logbook\EntryKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post that comes out short is faced before any other is cut. */
final readonly class FaceShortPosts implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->cut->short() as $mark) {
            if ($site->decided(DecisionAbout::AcceptShortPost, $mark->post) !== null) {
                continue;
            }
            yield new Move(
                Phase::Cut, Fact::of(MoveKind::FaceShortPost, post: $mark->post), [Fact::of(MoveWhy::TopBelowItsMark)],
                $mark->cutOff()?->magnitude(), Fact::of(Beside::TooShort), [$mark->post], EntryKind::Decision,
            );
        }
    }
}
