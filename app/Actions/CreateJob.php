<?php

declare(strict_types=1);

namespace App\Actions;

use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use App\Models\Job;
use App\Models\PlanRevision;
use App\Models\User;
use App\Type\Say;
use Illuminate\Support\Facades\DB;

/** Opens a job with its first plan. */
final class CreateJob
{
    public function __invoke(User $user, string $name, string $place, string $zone, Plan $plan, ?string $reason = null): Job
    {
        return DB::transaction(function () use ($user, $name, $place, $zone, $plan, $reason): Job {
            $job = Job::query()->create(['user_id' => $user->id, 'name' => $name, 'place' => $place, 'zone' => $zone]);
            PlanRevision::query()->create([
                'job_id' => $job->id, 'number' => 1, 'plan' => PlanCodec::encode($plan), 'reason' => mb_substr(
                    $reason ?? Say::text('answers.create_job.first_plan'), 0, 250,
                ), 'user_id' => $user->id,
            ]);

            return $job;
        });
    }
}
