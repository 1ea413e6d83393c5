<?php

declare(strict_types=1);

namespace Aequus\Words\Handover;

use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Work\Lasting;
use Aequus\Words\Plan\HoldWords;

/** What whoever takes a job over must know of the day on which it comes off, gets new posts or is pulled out. */
final class LastingWords
{
    /** Null where it stays. */
    public static function of(Plan $plan): ?string
    {
        $first = match ($plan->work->lasting) {
            Lasting::Stays => null,
            Lasting::OffForWinter => 'What hangs on the posts comes off for winter: bolts and screws that come out hold it. The posts stay.',
            Lasting::Renewed => 'It gets new posts one day.',
            Lasting::PulledOut => 'It is pulled out one day, posts and all.',
        };
        if ($first === null || ! $plan->work->lasting->comesOut()) {
            return $first;
        }
        $ways = array_unique(array_map(fn (Post $post) => $plan->holdOf($post->id), $plan->grid->posts), SORT_REGULAR);

        return implode(' ', [$first, ...array_map(HoldWords::comesOut(...), $ways)]);
    }
}
