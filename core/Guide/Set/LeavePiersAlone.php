<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Guide\Move\Move;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\SiteState;

/** Nothing is stood on a pier before it is hard; it says what is said of braces too. */
final class LeavePiersAlone
{
    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->buildOrder() as $post) {
            if (
                $site->plan->holdOf($post->id) === Hold::Pier && $site->filling($post)->isDone() && ! $site->standing($post)->set
                && ! $site->clock($post)->isHard($site->now)
            ) {
                yield TakeBracesOff::leaveAlone($site, $post);
            }
        }
    }
}
