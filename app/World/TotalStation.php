<?php

declare(strict_types=1);

namespace App\World;

use Aequus\Site\PlanInWorld;
use Aequus\Site\SiteState;

/** A total station, or whoever brings its file of the stakes as they stand. */
interface TotalStation extends StandIn
{
    /** Point, east, north, height, code; metres, or the feet of the job. */
    public function staked(SiteState $site, PlanInWorld $world): string;
}
