<?php

declare(strict_types=1);

namespace App\Site;

use Aequus\Guide\Guide;
use Aequus\Guide\Move\Move;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Kind\LevelPoint;
use Aequus\Plan\Plan;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;
use Aequus\Words\Speech;
use App\Models\Job;
use App\Type\Say;

/** A job with everything that is true of it now: what every screen is drawn from. */
final readonly class JobSite
{
    public Plan $plan;

    public ?Move $next;

    public Speech $speech;

    /** @var list<Move> what every reason asks for now, the next move first */
    private array $open;

    public function __construct(public Job $job, public SiteState $state)
    {
        $this->plan = $state->plan;
        $this->speech = new Speech($state->plan);
        $this->open = Guide::open($state);
        $this->next = $this->open[0] ?? null;
    }

    /** The job’s next move where it belongs to a phase, else the next within it. */
    public function moveIn(Phase $phase): ?Move
    {
        return $this->next?->phase === $phase ? $this->next : $this->nextIn($phase);
    }

    /** @return array<string, string> the benchmark as a point to choose; none before there is one */
    public function benchmarkChoice(): array
    {
        $benchmark = $this->state->level->benchmark;

        return $benchmark === null ? [] : [LevelPoint::SENT_FOR_BENCHMARK => Say::text('level.job_site.the_benchmark', name: $benchmark->name)];
    }

    /** What the job’s next move asks for, where it belongs to a phase. */
    public function asksIn(Phase $phase): ?EntryKind
    {
        return $this->next?->phase === $phase ? $this->next->asks : null;
    }

    /** The next move within a phase, where it is not the job's own. */
    public function nextIn(Phase $phase): ?Move
    {
        foreach ($this->open as $move) {
            if ($move->phase === $phase) {
                return $move;
            }
        }

        return null;
    }
}
