<?php

declare(strict_types=1);

namespace Database\Factories;

use Aequus\Plan\Plan;
use Aequus\Plan\Stored\PlanCodec;
use App\Models\Job;
use App\Models\PlanRevision;
use Illuminate\Database\Eloquent\Factories\Factory;
use Tests\Builds;

/** @extends Factory<Job> a job with its first plan */
final class JobFactory extends Factory
{
    protected $model = Job::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['user_id' => UserFactory::new(), 'name' => 'Test shelter', 'place' => 'Tarn Hollow', 'zone' => 'UTC'];
    }

    public function planned(?Plan $plan = null): static
    {
        return $this->afterCreating(fn (Job $job) => PlanRevision::query()->create([
            'job_id' => $job->id, 'number' => 1, 'plan' => PlanCodec::encode(
                $plan ?? Builds::plan(baysX: [5400], baysY: [3600]),
            ), 'reason' => 'First plan', 'user_id' => $job->user_id,
        ]));
    }
}
