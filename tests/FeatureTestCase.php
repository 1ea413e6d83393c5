<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use App\Actions\CreateJob;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\Job;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The application with an empty database in memory. */
abstract class FeatureTestCase extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('migrate');
    }

    protected function person(string $name = 'Wren'): User
    {
        return User::query()->create(['name' => $name, 'email' => strtolower($name).'@aequus.test', 'password' => 'a-long-enough-word']);
    }

    protected function job(User $user, ?Plan $plan = null): Job
    {
        return app(CreateJob::class)($user, 'Test shelter', 'Tarn Hollow', 'UTC', $plan ?? Builds::plan(baysX: [5400], baysY: [3600]));
    }

    protected function write(Job $job, User $user, Payload ...$payloads): void
    {
        foreach ($payloads as $payload) {
            app(RecordEntry::class)($job, $user, new NewEntry($payload, (string) Str::ulid()));
        }
    }

    /** @return array<string, string> what every entry form sends along */
    protected function form(array $fields): array
    {
        return ['client_id' => (string) Str::ulid()] + $fields;
    }

    protected function countQueries(callable $deed): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $deed();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }
}
