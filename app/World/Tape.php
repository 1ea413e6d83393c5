<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;
use Aequus\Square\Readings\Wanted;

/** A tape, or a laser meter that does its work. */
interface Tape extends StandIn
{
    /** Between two stakes, or how far one stands off a string or a line: left of the way along it positive. */
    public function reads(SiteState $site, Wanted $wanted): Length;

    /** Of a hole, from the ground to its bottom; null where nobody can know. */
    public function depth(SiteState $site, Post $post): ?Length;

    /** Of a top over the line that was struck on the posts; null where nobody can know. */
    public function above(SiteState $site, Post $post): ?Length;
}
