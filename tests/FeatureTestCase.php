<?php

declare(strict_types=1);

namespace Tests;

use Aequus\Logbook\Kind\Payload;
use Aequus\Plan\Plan;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\Job;
use App\Models\User;
use Database\Factories\JobFactory;
use Database\Factories\UserFactory;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** The application with an empty database in memory. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    protected function beforeRefreshingDatabase(): void
    {
        $this->withoutMockingConsoleOutput();
    }

    /** Off where the size of a page as it is sent matters. */
    protected bool $asABrowserTakesIt = true;

    /** A page as a browser takes it: how its source is broken into lines means nothing. */
    protected function createTestResponse($response, $request): TestResponse
    {
        if ($this->asABrowserTakesIt && str_contains((string) $response->headers->get('content-type'), 'text/html')
            && is_string($response->getContent())) {
            $original = $response->original ?? null;
            $response->setContent((string) preg_replace('/\s+/', ' ', $response->getContent()));
            $response->original = $original;
        }

        return parent::createTestResponse($response, $request);
    }

    protected function person(string $name = 'Wren'): User
    {
        return UserFactory::new()->called($name)->createOne();
    }

    protected function job(User $user, ?Plan $plan = null): Job
    {
        return JobFactory::new()->planned($plan)->createOne(['user_id' => $user->id]);
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

    /**
     * Another process that does this and ends, whatever comes of it: one that went on would be a second run of the tests in the same files.
     *
     * @param  callable(): void  $act
     * @return int its number
     */
    protected function beside(callable $act): int
    {
        $child = pcntl_fork();
        if ($child !== 0) {
            return $child;
        }
        try {
            $act();
        } catch (\Throwable $fault) {
            fwrite(STDERR, "beside: {$fault->getMessage()}\n");
        } finally {
            posix_kill((int) getmypid(), SIGKILL);
        }
        exit;
    }

    protected function countQueries(callable $act): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $act();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }
}
