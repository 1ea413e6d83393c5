<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\User;

/** A job is its owner's alone. */
final class JobPolicy
{
    public function work(User $user, Job $job): bool
    {
        return $job->user_id === $user->id;
    }
}
