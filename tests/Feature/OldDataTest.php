<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Plan\Posts\Post;
use App\Models\Job;
use App\Models\LogEntry;
use App\Site\JobSite;
use App\Site\ReadSite;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A database that an earlier version wrote opens, and says of every job what that version said of it. */
final class OldDataTest extends TestCase
{
    private const WRITTEN = __DIR__.'/../fixtures/written-2026-11';

    private string $copy;

    protected function setUp(): void
    {
        parent::setUp();
        $this->copy = (string) tempnam(sys_get_temp_dir(), 'aequus-old-');
        copy(self::WRITTEN.'.sqlite', $this->copy);
        config(['database.connections.'.config('database.default').'.database' => $this->copy]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
        $this->travelTo('2026-11-28 10:40:00');
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob("{$this->copy}*") ?: []);
        parent::tearDown();
    }

    public function test_every_job_reads_as_the_version_read_it_that_wrote_it(): void
    {
        $then = json_decode((string) file_get_contents(self::WRITTEN.'.json'), true, flags: JSON_THROW_ON_ERROR);
        $now = [];
        foreach (Job::query()->orderBy('id')->get() as $job) {
            $now[$job->name] = $this->facts(app(ReadSite::class)->site($job));
        }
        $this->assertSame(array_keys($then), array_keys($now));
        foreach ($then as $name => $facts) {
            foreach ($facts as $about => $said) {
                $this->assertEqualsWithDelta($said, $now[$name][$about], 1e-9, "{$name}: {$about}");
            }
        }
    }

    public function test_what_it_wrote_still_can_not_be_changed(): void
    {
        $this->assertGreaterThan(200, LogEntry::query()->count());
        $this->expectExceptionMessage('entries');
        DB::statement('DELETE FROM entries');
    }

    /** @return array<string, mixed> */
    private function facts(JobSite $site): array
    {
        $state = $site->state;
        $each = fn (callable $of): array => array_map($of, $state->plan->grid->posts);

        return [
            'entries' => count($state->log->entries),
            'counting' => count($state->log->counting),
            'square' => $state->square->verdict()->name,
            'depths' => $each(fn (Post $post) => $state->footing->toReach($post)?->nanometres),
            'ground' => $each(fn (Post $post) => $state->level->groundAt($post)?->nanometres),
            'plumb' => $each(fn (Post $post) => round($state->standing($post)->lean->size(), 9)),
            'cut' => $each(fn (Post $post) => $state->cut->mark($post)?->aboveDatumLine()->nanometres),
            'incomplete' => $state->handover()->incomplete(),
            'next' => $site->next === null ? null : (string) $site->speech->say($site->next->do),
        ];
    }
}
