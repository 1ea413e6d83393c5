<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use App\Exceptions\PlanMovedOn;
use App\Models\Job;
use App\Models\PlanRevision;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Puts the next revision of a plan in force, with its reason. */
final class RevisePlan
{
    /**
     * @param  int  $basedOn  the revision the person was looking at
     *
     * Throws PlanMovedOn when another revision came in between
     */
    public function __invoke(Job $job, User $user, Plan $plan, string $reason, int $basedOn): PlanRevision
    {
        return DB::transaction(function () use ($job, $user, $plan, $reason, $basedOn): PlanRevision {
            $inForce = $job->revision()->first();
            if (($inForce->number ?? 0) !== $basedOn) {
                throw PlanMovedOn::since($inForce);
            }

            return PlanRevision::query()->create([
                'job_id' => $job->id,
                'number' => $basedOn + 1,
                'plan' => PlanCodec::encode($plan),
                'reason' => $reason,
                'user_id' => $user->id,
            ]);
        });
    }
}
