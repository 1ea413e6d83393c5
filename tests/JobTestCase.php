<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\User;

/** One person, signed in, with one job: a 2 × 2 frame of 5400 by 3600 mm. */
abstract class JobTestCase extends FeatureTestCase
{
    protected User $user;

    protected Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person();
        $this->job = $this->job($this->user);
        $this->actingAs($this->user);
    }
}
