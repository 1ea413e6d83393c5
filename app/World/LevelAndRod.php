<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Site\SiteState;

/** A rotating laser with rod and detector, or a line level or water level with a rule: the rod reads more where the ground is lower. */
interface LevelAndRod extends StandIn
{
    /** @param  ?Post  $post  null for the benchmark */
    public function rod(SiteState $site, ?Post $post, string $setUp): Length;
}
