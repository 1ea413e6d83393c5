<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aequus\Logbook\Book\Remark;
use App\Actions\KeepPicture;
use App\Actions\NewEntry;
use App\Actions\RecordEntry;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\User;
use App\Site\DerivedCache;
use App\Site\ReadSite;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Builds;
use Tests\FeatureTestCase;

/** What was acknowledged is there afterwards, whatever happens to the process. On a real file, not in memory. */
final class DataCareTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/aequus-care-'.bin2hex(random_bytes(5));
        mkdir($this->folder);
        touch("{$this->folder}/aequus.sqlite");
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    protected function refreshApplication(): void
    {
        parent::refreshApplication();
        config(['database.connections.sqlite.database' => "{$this->folder}/aequus.sqlite", 'aequus.data' => $this->folder, 'aequus.database_is_named' => false]);
        DB::purge();
    }

    /** A file of its own, and no transaction round the test: what is tested here is what a file keeps. */
    public function refreshDatabase(): void
    {
        Artisan::call('migrate');
    }

    public function test_sqlite_is_set_to_lose_nothing(): void
    {
        $pragma = fn (string $name) => array_values((array) DB::selectOne("PRAGMA {$name}"))[0];
        $this->assertSame('wal', $pragma('journal_mode'));
        $this->assertSame(2, $pragma('synchronous'));
        $this->assertSame(1, $pragma('foreign_keys'));
    }

    /** Seed 2026: a writer is killed at random moments, again and again, until it was at least five times and 200 entries are acknowledged. */
    public function test_a_writer_that_is_killed_loses_nothing_it_had_acknowledged(): void
    {
        $user = $this->person();
        $job = $this->job($user);
        $dice = new Randomizer(new Mt19937(2026));
        $acknowledged = "{$this->folder}/acknowledged";
        touch($acknowledged);
        $rounds = $kills = 0;
        do {
            $rounds++;
            $child = $this->beside(fn () => $this->writeOn($job, $acknowledged));
            usleep($dice->getInt(30_000, 140_000));
            if (pcntl_waitpid($child, $status, WNOHANG) === 0) {
                posix_kill($child, SIGKILL);
                pcntl_waitpid($child, $status);
                $kills++;
            }
        } while ((count((array) file($acknowledged)) < 200 || $kills < 5) && $rounds < 200);

        DB::purge();
        $told = array_map(trim(...), (array) file($acknowledged));
        $kept = LogEntry::query()->pluck('client_id')->all();
        $this->assertGreaterThanOrEqual(5, $kills);
        $this->assertGreaterThanOrEqual(200, count($told));
        $this->assertSame([], array_diff($told, $kept));
        $this->assertSame('ok', array_values((array) DB::selectOne('PRAGMA integrity_check'))[0]);
    }

    public function test_two_windows_writing_at_once_lose_nothing(): void
    {
        $user = $this->person();
        $job = $this->job($user);
        $children = [];
        foreach (['a', 'b', 'c'] as $window) {
            $children[] = $this->beside(function () use ($job, $user, $window): void {
                DB::purge();
                for ($i = 0; $i < 40; $i++) {
                    $this->sentUntilTaken($job, $user, new NewEntry(new Remark(null, "{$window} {$i}"), "{$window}-{$i}"));
                }
            });
        }
        array_map(fn (int $child) => pcntl_waitpid($child, $status), $children);
        DB::purge();
        $this->assertSame(120, $job->entries()->count());
    }

    public function test_a_backup_is_whole_and_a_restore_puts_it_back_and_keeps_what_was_there(): void
    {
        $user = $this->person();
        $job = $this->job($user);
        $this->write($job, $user, new Remark(null, 'before'));
        $picture = imagecreatetruecolor(40, 30);
        assert($picture !== false);
        imagejpeg($picture, "{$this->folder}/taken.jpg");
        $fingerprint = app(KeepPicture::class)($job, "{$this->folder}/taken.jpg");
        $this->assertSame(0, Artisan::call('aequus:backup', ['file' => "{$this->folder}/kept.aequus"]));
        $this->assertSame(1, Artisan::call('aequus:backup', ['file' => "{$this->folder}/kept.aequus"]));
        $this->write($job, $user, new Remark(null, 'after'));

        $this->assertSame(1, Artisan::call('aequus:restore', ['file' => __FILE__]));
        $this->assertSame(0, Artisan::call('aequus:restore', ['file' => "{$this->folder}/kept.aequus"]));
        DB::purge();
        $this->assertSame(1, Job::query()->firstOrFail()->entries()->count());
        $this->assertSame($fingerprint, hash('sha256', (string) DB::table('pictures')->value('bytes')), 'pictures come back with the book');
        $this->assertSame(2, (int) (new PDO("sqlite:{$this->folder}/aequus.sqlite"))->query('SELECT count(*) FROM entries')?->fetchColumn());
    }

    /** The numbers of entries go on from where the backup ends, so the same number is given a second time. */
    public function test_after_a_restore_nothing_worked_out_from_the_book_that_was_replaced_is_shown(): void
    {
        $user = $this->person();
        $job = $this->job($user);
        $this->assertSame(0, Artisan::call('aequus:backup', ['file' => "{$this->folder}/kept.aequus"]));
        $square = fn () => app(ReadSite::class)->site(Job::query()->firstOrFail())->state->square->survey;
        $readings = fn (float $off): array => Builds::readings($job->revision->plan(), ['B2' => [$off, 0]]);
        $this->write($job, $user, ...$readings(25));
        $replaced = $square();
        $kept = Cache::get(DerivedCache::PREFIX."survey.{$job->id}");
        $this->assertSame(0, Artisan::call('aequus:restore', ['file' => "{$this->folder}/kept.aequus"]));
        DB::purge();
        // Sums lie beside the data they were worked out from; even where they come back from somewhere, they are not taken.
        Cache::put(DerivedCache::PREFIX."survey.{$job->id}", $kept);
        $this->write($job, $user, ...$readings(0));
        $this->assertSame(count($readings(0)), LogEntry::query()->max('sequence'));
        $this->assertNotEquals($replaced, $square());
    }

    private function writeOn(Job $job, string $acknowledged): void
    {
        DB::purge();
        $user = $job->revision->user;
        for ($i = 0; $i < 5000; $i++) {
            $id = getmypid().'-'.$i;
            $this->sentUntilTaken($job, $user, new NewEntry(new Remark(null, "entry {$id}"), $id));
            file_put_contents($acknowledged, "{$id}\n", FILE_APPEND);
        }
    }

    /** As the page does it: whoever is told that another is writing sends the same once more. */
    private function sentUntilTaken(Job $job, User $user, NewEntry $entry): void
    {
        for ($try = 1; ; $try++) {
            try {
                app(RecordEntry::class)($job, $user, $entry);

                return;
            } catch (PDOException $busy) {
                if ($try === 50 || ! str_contains($busy->getMessage(), 'database is locked')) {
                    throw $busy;
                }
            }
        }
    }
}
