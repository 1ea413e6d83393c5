<?php

declare(strict_types=1);

namespace Aequus\Guide;

use Aequus\Logbook\DecisionAbout;
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
                Phase::Cut, "Post {$mark->post->label} is short: cut nothing yet",
                'Its top stands below its mark. Lower all tops in a new plan, change the post, or decide how to make it good.',
                $mark->cutOff()?->magnitude(), 'too short', [$mark->post], EntryKind::Decision,
            );
        }
    }
}
