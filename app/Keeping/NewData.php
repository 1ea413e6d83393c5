<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Database\Connection;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** A database in the making: built by our own migrations, so that its guards are ours, then filled, checked and closed. */
final readonly class NewData
{
    private const NAME = 'coming';

    public Connection $connection;

    /** @param  int  $migrations  how many of them have run when it is made, so that older rows find the tables they were written for */
    public function __construct(public string $folder, int $migrations)
    {
        touch(DataFolder::databaseIn($folder));
        chmod(DataFolder::databaseIn($folder), 0o600);
        config(
            ['database.connections.'.self::NAME => ['database' => DataFolder::databaseIn($folder)] + (array) config('database.connections.sqlite')],
        );
        DB::purge(self::NAME);
        $this->migrate(array_slice(Shape::migrations(), 0, $migrations));
        $this->connection = DB::connection(self::NAME);
    }

    /**
     * From a file that lies in its folder to data in force: taken, brought to this version, checked, swapped in.
     *
     * @param  string  $given  the file; it is gone afterwards
     * @param  int  $migrations  of the version that wrote it
     * @param  string  $where  which jobs, their number written as @
     * @return string the folder that was in force
     *
     * @throws KeepingRefused when it is not taken; then nothing was changed
     */
    public static function putInForce(DataFolder $data, string $folder, string $given, int $migrations, bool $needsOwner, string $where = '1'): string
    {
        $new = new self($folder, $migrations);
        $new->take($given, $where);
        $new->finish($needsOwner);
        array_map(Disk::remove(...), glob("{$given}*") ?: []);
        $before = $data->inForce();
        DB::purge();
        $data->putInForce($folder);

        return $before;
    }

    /**
     * Takes every row of our tables from a file: only the columns that ours have, in the order in which they were written.
     *
     * @param  string  $where  which jobs, their number written as @
     *
     * @throws KeepingRefused when a row breaks a rule of ours
     */
    public function take(string $file, string $where = '1'): void
    {
        try {
            $this->takeAll($file, $where);
        } catch (QueryException $failure) {
            throw KeepingRefused::damaged($failure->getPrevious()?->getMessage() ?? '');
        }
    }

    private function takeAll(string $file, string $where): void
    {
        $this->connection->statement('ATTACH ? AS given', [$file]);
        foreach (Shape::TABLES as $table) {
            if ($this->connection->getSchemaBuilder()->hasTable($table)) {
                $columns = implode(
                    ', ', array_map(fn (string $column) => "\"{$column}\"", $this->connection->getSchemaBuilder()->getColumnListing($table)),
                );
                $kept = str_contains($columns, '"job_id"') ? str_replace('@', 'job_id', $where)
                    : ($table === 'jobs' ? str_replace('@', 'id', $where) : '1');
                $this->connection->statement(
                    "INSERT INTO main.\"{$table}\" ({$columns}) SELECT {$columns} FROM given.\"{$table}\" WHERE {$kept} ORDER BY rowid",
                );
            }
        }
        $this->connection->statement('DETACH given');
    }

    /**
     * The migrations that had not run when it was made, the checks, and the door shut.
     *
     * @param  bool  $needsOwner  where data without anybody who can sign in would let in whoever comes first
     *
     * @throws KeepingRefused when it does not hold together
     */
    public function finish(bool $needsOwner = false): void
    {
        $this->migrate(Shape::migrations());
        $this->connection->statement('PRAGMA wal_checkpoint(TRUNCATE)');
        Contents::check(SqliteFile::of($this->connection->getPdo()), $needsOwner);
        DB::purge(self::NAME);
    }

    /** @param  list<string>  $names */
    private function migrate(array $names): void
    {
        $migrator = app('migrator');
        assert($migrator instanceof Migrator);
        $migrator->usingConnection(self::NAME, function () use ($migrator, $names) {
            $migrator->repositoryExists() || $migrator->getRepository()->createRepository();
            $migrator->run(array_map(fn (string $name) => database_path("migrations/{$name}.php"), $names));
        });
    }
}
