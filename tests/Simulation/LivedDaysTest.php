<?php

declare(strict_types=1);

namespace Tests\Simulation;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Twelve jobs lived by the days alone, each begun in spring, in summer and in autumn: all are finished, and no hold is broken. */
final class LivedDaysTest extends TestCase
{
    #[TestWith(['2026-03-02', 41])]
    #[TestWith(['2026-06-15', 12])]
    #[TestWith(['2026-09-21', 13])]
    public function test_every_job_is_finished_and_no_hold_broken(string $first, int $seed): void
    {
        foreach (TwelveJobs::all() as $name => [$plan, $hands]) {
            $job = (new LivedJob($plan, $hands, new LivedWorld($seed, $first, count($plan->grid->posts)), $seed))->live();
            $this->assertSame([], $job->broken, "{$name} from {$first}");
            $this->assertNotNull($job->finishedOn, "{$name} from {$first}");
            $seed += 100;
        }
    }
}
