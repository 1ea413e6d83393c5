<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Guide\Move\Rule;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\SiteState;

/** Nothing is stood on a pier before it is hard. */
final readonly class LeavePiersAlone implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->buildOrder() as $post) {
            if ($site->plan->holdOf($post->id) === Hold::Pier && $site->filling($post)->isDone() && ! $site->standing($post)->set && ! $site->clock($post)->isHard($site->now)) {
                yield TakeBracesOff::leaveAlone($site, $post);
            }
        }
    }
}
