<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Plan\JobKind;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Thing\Ask\Heard;
use Aequus\Thing\Kind\RoadsidePost;

/** What a rule says of a post by a road, as it was answered: off which edge, and the answers themselves. */
final readonly class RoadsideRule
{
    private function __construct(public FixedLine $edge, public Post $post, public Heard $heard)
    {
    }

    /** Null for a job that no such rule is known of. */
    public static function of(Plan $plan): ?self
    {
        $edge = $plan->fixedLine(FixedLine::ANSWERED);
        if ($plan->kind !== JobKind::LetterBox || $plan->answers === null || $edge === null) {
            return null;
        }

        return new self($edge, $plan->grid->posts[0], Heard::kept($plan->notation, $plan->sides, (new RoadsidePost)->asks(), $plan->answers));
    }
}
