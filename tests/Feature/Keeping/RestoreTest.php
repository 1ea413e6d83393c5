<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use Aequus\Logbook\Book\Remark;
use App\Keeping\Gate;
use App\Models\Job;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** What is put in force is ours and whole, or nothing is changed. */
final class RestoreTest extends KeepingTestCase
{
    private Job $job;

    private User $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->person = $this->person();
        $this->job = $this->job($this->person);
        $this->write($this->job, $this->person, new Remark(null, 'before'));
    }

    /**
     * @param  callable(self): string  $spoil  makes the file from a good backup
     */
    #[DataProvider('badFiles')]
    public function test_a_file_that_is_not_ours_or_not_whole_gets_a_sentence_and_changes_nothing(callable $spoil, string $sentence): void
    {
        $file = $spoil($this);
        [$inForce, $sum] = [$this->data->inForce(), hash_file('sha256', $this->data->database())];
        [$code, $said] = $this->command('aequus:restore', ['file' => $file]);
        $this->assertSame(1, $code);
        $this->assertStringContainsString($sentence, $said);
        $this->assertSame([$inForce, $sum], [$this->data->inForce(), hash_file('sha256', $this->data->database())]);
        $this->assertSame([], glob("{$this->data->path}/coming-*"), 'nothing is left lying about');
    }

    /** @return iterable<string, array{callable(self): string, string}> */
    public static function badFiles(): iterable
    {
        $written = fn (string $what) => function (self $test) use ($what): string {
            file_put_contents($file = "{$test->beside}/given", $what);

            return $file;
        };
        $meddled = fn (string ...$statements) => fn (self $test): string => $test->meddle($test->backup(), ...$statements);
        yield 'none' => [fn (self $test) => "{$test->beside}/nowhere", 'no file'];
        yield 'a folder' => [fn (self $test) => $test->beside, 'no file'];
        yield 'empty' => [$written(''), 'no backup of Aequus'];
        yield 'a letter' => [$written(str_repeat('Dear builder, ', 400)), 'no backup of Aequus'];
        yield 'a head and nothing behind it' => [$written("SQLite format 3\0".str_repeat("\1", 5000)), 'damaged'];
        yield 'cut off' => [function (self $test): string {
            $file = $test->backup();
            file_put_contents($file, substr((string) file_get_contents($file), 0, (int) (filesize($file) / 2)));

            return $file;
        }, 'damaged'];
        yield 'a page overwritten' => [function (self $test): string {
            $bytes = (string) file_get_contents($file = $test->backup());
            file_put_contents($file, substr_replace($bytes, str_repeat("\xAA", 3000), (int) (strlen($bytes) / 2), 3000));

            return $file;
        }, 'Nothing was changed'];
        yield 'of another program' => [$meddled('DROP TABLE entries'), 'no backup of Aequus'];
        yield 'a table too many' => [$meddled('CREATE TABLE errands (what)'), 'no backup of Aequus'];
        yield 'a view for a table' => [$meddled('ALTER TABLE read_cautions RENAME TO other', 'DROP TABLE other', 'CREATE VIEW read_cautions AS SELECT * FROM users'), 'no backup of Aequus'];
        yield 'a newer one' => [$meddled("INSERT INTO migrations (migration, batch) VALUES ('2031_01_01_000001_more', 9)"), 'newer version'];
        yield 'a migration left out' => [$meddled("DELETE FROM migrations WHERE migration LIKE '%pictures%'"), 'no backup of Aequus'];
        yield 'nobody in it' => [$meddled('PRAGMA foreign_keys = OFF', 'DROP TRIGGER entries_no_delete', 'DELETE FROM entries', 'DROP TRIGGER plan_revisions_no_delete', 'DELETE FROM plan_revisions', 'DELETE FROM jobs', 'DELETE FROM users'), 'Nobody in that data could sign in'];
        yield 'a word that is no password' => [$meddled("UPDATE users SET password = 'open'"), 'Nobody in that data could sign in'];
        yield 'an entry of nobody' => [$meddled('PRAGMA foreign_keys = OFF', "INSERT INTO entries SELECT 99, job_id, 'other', kind, post, other_post, payload_version, payload, plan_revision, measured_at, recorded_at, zone, 77, read_by, NULL, '' FROM entries"), 'damaged'];
        yield 'an entry of no known kind' => [$meddled('DROP TRIGGER entries_no_update', "UPDATE entries SET kind = 'moonshine'"), 'can’t read entry 1'];
        yield 'a plan that is none' => [$meddled('DROP TRIGGER plan_revisions_no_update', "UPDATE plan_revisions SET plan = '{}'"), 'can’t read plan 1'];
        yield 'a job without a plan' => [$meddled('DROP TRIGGER plan_revisions_no_delete', 'DELETE FROM plan_revisions'), 'damaged'];
        yield 'changed since it was written' => [function (self $test): string {
            $file = $test->backup();
            (new \PDO("sqlite:{$file}"))->exec("UPDATE jobs SET name = 'Mine now'");

            return $file;
        }, 'changed after it was written'];
    }

    public function test_guards_are_made_by_us_and_never_taken_from_the_file(): void
    {
        $file = $this->meddle(
            $this->backup(), 'DROP TRIGGER entries_no_delete', 'CREATE TRIGGER entries_no_delete AFTER INSERT ON entries BEGIN DELETE FROM users; END',
            'CREATE VIEW everything AS SELECT * FROM entries',
        );
        $this->assertSame(0, $this->command('aequus:restore', ['file' => $file])[0]);
        $this->write(Job::query()->firstOrFail(), User::query()->firstOrFail(), new Remark(null, 'after'));
        $this->assertSame(1, User::query()->count());
        $this->assertSame([], DB::select("SELECT name FROM sqlite_schema WHERE name = 'everything'"));
        $this->expectException(QueryException::class);
        DB::table('entries')->delete();
    }

    public function test_the_data_that_was_there_stays_beside_it_and_what_was_typed_since_is_in_it(): void
    {
        $file = $this->backup();
        $this->write($this->job, $this->person, new Remark(null, 'after'));
        $before = $this->data->database();
        [$code, $said] = $this->command('aequus:restore', ['file' => $file]);
        $this->assertSame(0, $code);
        $this->assertStringContainsString(dirname($before), $said);
        $this->assertSame(1, DB::table('entries')->count());
        $this->assertSame(2, (int) (new \PDO("sqlite:{$before}"))->query('SELECT count(*) FROM entries')->fetchColumn());
    }

    public function test_it_works_where_the_present_data_is_damaged(): void
    {
        $file = $this->backup();
        DB::purge();
        file_put_contents($this->data->database(), str_repeat("\xAA", 20_000));
        [$code, $said] = $this->command('aequus:prepare');
        $this->assertSame(1, $code);
        $this->assertStringContainsString('does not hold together', $said);
        $this->assertStringContainsString('./aequus restore', $said);
        $this->assertSame(0, $this->command('aequus:restore', ['file' => $file])[0]);
        $this->assertSame(0, $this->command('aequus:prepare')[0]);
        $this->assertSame('before', json_decode((string) DB::table('entries')->value('payload'), true)['text'] ?? null);
    }

    #[TestWith([1])]
    #[TestWith([2])]
    public function test_a_backup_of_an_older_version_is_brought_to_this_one(int $migrations): void
    {
        $file = $this->ofAnOlderVersion($migrations);
        $this->assertSame(0, $this->command('aequus:restore', ['file' => $file])[0]);
        $this->assertSame('at_hand', DB::table('jobs')->value('shelf'));
        $this->assertTrue(DB::getSchemaBuilder()->hasTable('pictures'));
    }

    public function test_while_data_is_swapped_a_running_server_says_so_and_an_entry_is_not_taken_as_stored(): void
    {
        $this->actingAs($this->person);
        $gate = Gate::shut($this->data);
        $this->get('/')->assertStatus(503)->assertHeader('Retry-After')->assertSee('A backup is being put back');
        $this->postJson("/jobs/{$this->job->id}/entries/remark", $this->form(['text' => 'lost?']))->assertStatus(503);
        $gate->leave();
        $this->assertSame(1, DB::table('entries')->count());
        $this->get('/')->assertOk();
        $this->assertNotNull($passes = Gate::pass($this->data));
        $passes->leave();
    }

    public function test_who_waits_for_the_last_request_lets_no_other_in(): void
    {
        $this->assertNotNull($underWay = Gate::pass($this->data));
        $turnstile = fopen("{$this->data->path}/turnstile.lock", 'c');
        assert($turnstile !== false);
        flock($turnstile, LOCK_EX);
        $this->assertNull(Gate::pass($this->data));
        flock($turnstile, LOCK_UN);
        $this->assertNotNull($another = Gate::pass($this->data), 'two requests at once are usual');
        array_map(fn (Gate $gate) => $gate->leave(), [$underWay, $another]);
    }

    public function test_whoever_has_signed_in_before_signs_in_again_after_other_data_is_in_force(): void
    {
        $this->assertSame($this->data->inForce(), dirname((string) config('session.files')));
        $before = (string) config('session.files');
        $this->command('aequus:restore', ['file' => $this->backup()]);
        $this->assertNotSame($before, config('session.files'));
        $this->assertSame($this->data->inForce(), dirname((string) config('cache.stores.file.path')));
    }
}
