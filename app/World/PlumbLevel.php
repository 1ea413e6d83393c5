<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Measure\Length;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Side;
use Aequus\Site\SiteState;

/** A spirit level, or a plumb bob with a rule. */
interface PlumbLevel extends StandIn
{
    /** Over which length it reads. */
    public function length(SiteState $site): Length;

    /** The gap at its end: positive where the top leans toward the side of that face. */
    public function gap(SiteState $site, Post $post, Side $face): Length;
}
