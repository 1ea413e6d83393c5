<?php

declare(strict_types=1);

namespace Tests\Feature\Keeping;

use App\Keeping\DataFolder;
use App\Keeping\NewData;
use App\Keeping\SqliteFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\FeatureTestCase;

/** A data folder of its own on a real disk, with one person and one job in it. */
abstract class KeepingTestCase extends FeatureTestCase
{
    protected DataFolder $data;

    protected string $beside;

    protected function setUp(): void
    {
        $this->beside = sys_get_temp_dir().'/aequus-keeping-'.bin2hex(random_bytes(5));
        mkdir("{$this->beside}/own", 0o700, true);
        $this->data = new DataFolder("{$this->beside}/own");
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        exec('chmod -R u+rwX '.escapeshellarg($this->beside).'; rm -rf '.escapeshellarg($this->beside));
    }

    protected function refreshApplication(): void
    {
        parent::refreshApplication();
        config(['aequus.data' => $this->data->path, 'aequus.database_is_named' => false]);
    }

    /** No transaction round the test: what is tested is what the disk keeps. */
    public function refreshDatabase(): void
    {
        $this->assertSame([0, ''], $this->command('aequus:prepare'));
        $this->data->use();
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array{int, string} how it ended, and what it said
     */
    protected function command(string $command, array $with = []): array
    {
        $code = Artisan::call($command, $with);

        return [$code, trim((string) preg_replace('/\s+/', ' ', Artisan::output()))];
    }

    protected function backup(string $name = 'kept'): string
    {
        $file = "{$this->beside}/{$name}.aequus";
        $this->assertSame(0, $this->command('aequus:backup', ['file' => $file])[0]);

        return $file;
    }

    /** @param  string  ...$statements  done to a file by somebody else, its seal made good again */
    protected function meddle(string $file, string ...$statements): string
    {
        $given = SqliteFile::open($file);
        $given->run('DROP TABLE IF EXISTS aequus_seal');
        foreach ($statements as $statement) {
            $given->run($statement);
        }

        return $file;
    }

    /** A backup as a version of this program wrote it that knew only so many migrations. */
    protected function ofAnOlderVersion(int $migrations): string
    {
        $folder = $this->data->coming();
        $old = new NewData($folder, $migrations);
        $old->connection->table('users')->insert(['name' => 'Wren', 'email' => 'old@aequus.test', 'password' => password_hash('long ago it was', PASSWORD_BCRYPT, ['cost' => 4])]);
        $old->connection->table('jobs')->insert(['user_id' => 1, 'name' => 'Old shed', 'created_at' => '2026-01-01 00:00:00']);
        $old->connection->table('plan_revisions')->insert([
            'job_id' => 1, 'number' => 1, 'plan' => (string) DB::table('plan_revisions')->value('plan'), 'reason' => 'First plan', 'user_id' => 1, 'created_at' => '2026-01-01 00:00:00',
        ]);
        $file = "{$this->beside}/old-{$migrations}.sqlite";
        $old->connection->statement('VACUUM INTO ?', [$file]);

        return $file;
    }
}
