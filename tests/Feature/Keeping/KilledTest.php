<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use Aequus\Logbook\Book\Remark;
use App\Keeping\DataFolder;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whatever puts data in force is killed at random moments, as by a pulled plug: then either the old or the new is in force, and the next start needs
 * nobody. AEQUUS_KILLS says how often for each; ./aequus kills N does it N times.
 */
final class KilledTest extends KeepingTestCase
{
    /** Microseconds after which a command has certainly begun. */
    private const SHORTEST = 60_000;

    private Randomizer $dice;

    /** Microseconds within which one is killed. */
    private int $longest = 420_000;

    protected function setUp(): void
    {
        parent::setUp();
        $this->dice = new Randomizer(new Mt19937(417));
    }

    public function test_a_restore_that_is_killed_leaves_the_old_or_the_new_and_never_none(): void
    {
        [$job, $person] = [$this->job($wren = $this->person()), $wren];
        $this->write($job, $person, new Remark(null, 'in the backup'));
        $file = $this->backup();
        $this->write($job, $person, new Remark(null, 'since'));
        DB::purge();
        $unkilled = 0;
        foreach (range(1, $this->times()) as $ignored) {
            $unkilled += (int) ! $this->killed(['aequus:restore', $file]);
            $this->startsByItself();
            $seen = (int) $this->read('SELECT count(*) FROM entries');
            $this->assertContains($seen, [1, 2]);
            $this->assertSame('1', $this->read('SELECT count(*) FROM users'));
        }
        $this->assertLessThan($this->times(), $unkilled, 'at least one was killed on the way');
    }

    public function test_a_first_start_that_is_killed_is_begun_again_by_itself(): void
    {
        foreach (range(1, $this->times()) as $n) {
            $this->data = new DataFolder("{$this->beside}/new-{$n}");
            mkdir($this->data->path, 0o700);
            $this->killed(['aequus:prepare']);
            $this->startsByItself();
            $this->assertSame((string) count(glob(database_path('migrations/*.php')) ?: []), $this->read('SELECT count(*) FROM migrations'));
        }
    }

    public function test_bringing_older_data_to_this_version_can_be_killed(): void
    {
        $this->job($this->person());
        $old = $this->ofAnOlderVersion(1);
        foreach (range(1, $this->times()) as $n) {
            $this->data = new DataFolder("{$this->beside}/old-{$n}");
            mkdir($this->data->path, 0o700);
            copy($old, "{$this->data->path}/aequus.sqlite");
            $this->killed(['aequus:prepare']);
            $this->startsByItself();
            $this->assertSame('at_hand', $this->read('SELECT shelf FROM jobs'));
            $this->assertSame('Wren', $this->read('SELECT name FROM users'));
        }
    }

    public function test_a_backup_that_is_killed_leaves_no_half_file_under_its_name(): void
    {
        $this->job($this->person());
        foreach (range(1, $this->times()) as $n) {
            $file = "{$this->beside}/killed-{$n}.aequus";
            $this->killed(['aequus:backup', $file]);
            if (is_file($file)) {
                $this->assertSame('ok', (new PDO("sqlite:{$file}"))->query('PRAGMA integrity_check')->fetchColumn());
            }
        }
        $this->assertSame(1, User::query()->count());
    }

    public function test_there_is_one_owner_whoever_else_posts_at_the_same_time(): void
    {
        $children = [];
        foreach (['Wren', 'Linnet', 'Dunnock', 'Siskin'] as $name) {
            $children[] = $this->beside(function () use ($name): void {
                DB::purge();
                $this->post('/owner', ['name' => $name, 'email' => strtolower($name).'@aequus.test', 'password' => 'ten letters and more']);
            });
        }
        array_map(fn (int $child) => pcntl_waitpid($child, $status), $children);
        $this->assertSame('1', $this->read('SELECT count(*) FROM users'));
    }

    private function times(): int
    {
        return max(1, (int) (getenv('AEQUUS_KILLS') ?: 5));
    }

    /**
     * @param  list<string>  $command
     * @return bool whether it was still at work
     */
    private function killed(array $command): bool
    {
        $nothing = ['file', '/dev/null', 'w'];
        $process = proc_open(
            ['php', 'artisan', ...$command], [['file', '/dev/null', 'r'], $nothing, $nothing], $pipes, base_path(), $this->environment(),
        );
        assert($process !== false);
        usleep($this->dice->getInt(intdiv($this->longest, 5), $this->longest));
        $wasRunning = proc_get_status($process)['running'];
        // On a quick machine it is done before: the next one is killed sooner.
        $this->longest = $wasRunning ? $this->longest : max(self::SHORTEST, intdiv($this->longest * 2, 3));
        proc_terminate($process, SIGKILL);
        proc_close($process);

        return $wasRunning;
    }

    private function startsByItself(): void
    {
        $process = proc_open(['php', 'artisan', 'aequus:prepare'], [1 => ['pipe', 'w']], $pipes, base_path(), $this->environment());
        assert($process !== false);
        $said = (string) stream_get_contents($pipes[1]);
        $this->assertSame(0, proc_close($process), $said);
        $this->assertSame('ok', $this->read('PRAGMA integrity_check'));
        $this->assertSame([], glob("{$this->data->path}/coming-*"));
    }

    private function read(string $query): string
    {
        return (string) (new PDO("sqlite:{$this->data->database()}"))->query($query)->fetchColumn();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), 'APP_ENV' => 'production', 'AEQUUS_MODE' => 'own', 'AEQUUS_DATA' => $this->data->path,
            'APP_KEY' => (string) config('app.key'),
        ];
    }
}
