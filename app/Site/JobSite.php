<?php

declare(strict_types=1);

namespace App\Site;

use Aequus\Guide\Guide;
use Aequus\Guide\Move;
use Aequus\Guide\Scope;
use Aequus\Plan\Plan;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use App\Models\Job;

/** A job with everything that is true of it now: what every screen is drawn from. */
final readonly class JobSite
{
    public Plan $plan;

    public ?Move $next;

    public function __construct(public Job $job, public SiteState $state)
    {
        $this->plan = $state->plan;
        $this->next = Guide::next($state, Scope::job());
    }

    /** The next move within a phase, where it is not the job's own. */
    public function nextIn(Phase $phase): ?Move
    {
        return Guide::next($this->state, Scope::phase($phase));
    }
}
