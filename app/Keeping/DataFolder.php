<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Where everything that an installation writes lies. The data in force, with the sessions and sums that belong to it, is one folder inside, and a
 * file of one line says which: whatever puts other data in force makes that folder whole beside the old one and then rewrites the line by a rename.
 * Killed at any moment, either the old or the new is in force. What an earlier version wrote lies in the folder itself.
 */
final readonly class DataFolder
{
    private const LINE = 'in-force';

    private const COMING = 'coming-';

    public function __construct(public string $path)
    {
    }

    public static function current(): self
    {
        return new self((string) config('aequus.data'));
    }

    /** The folder of the data in force below a folder, before there is a configuration. */
    public static function inForceIn(string $path): string
    {
        return (new self($path))->inForce();
    }

    /** Lets everything that is opened from now on be opened in the data in force. A database that was named from outside stays. */
    public function use(): void
    {
        $now = [
            'database.connections.sqlite.database' => $this->database(), 'session.files' => "{$this->inForce()}/sessions",
            'cache.stores.file.path' => "{$this->inForce()}/cache", 'cache.stores.file.lock_path' => "{$this->inForce()}/cache",
        ];
        if (config('aequus.database_is_named') !== true && config('database.connections.sqlite.database') !== $this->database()) {
            config($now);
            DB::purge();
        }
    }

    /** The folder of the data in force, whether or not there is any yet. */
    public function inForce(): string
    {
        $line = @file_get_contents("{$this->path}/".self::LINE);
        $name = $line === false ? '' : trim($line);

        return preg_match('/^data-[0-9]+$/', $name) === 1 ? "{$this->path}/{$name}" : $this->path;
    }

    public function database(): string
    {
        return self::databaseIn($this->inForce());
    }

    public static function databaseIn(string $folder): string
    {
        return "{$folder}/aequus.sqlite";
    }

    public function hasData(): bool
    {
        return is_file($this->database()) && filesize($this->database()) > 0;
    }

    /** A new folder in which other data can be made, closed to everybody else. */
    public function coming(): string
    {
        $folder = "{$this->path}/".self::COMING.bin2hex(random_bytes(6));
        foreach ([$folder, "{$folder}/cache", "{$folder}/sessions"] as $one) {
            mkdir($one, 0o700, true);
        }

        return $folder;
    }

    /**
     * Puts finished data in force. Its database must be closed and its log written back.
     *
     * @return string the folder it has now; the old one stays where it was
     *
     * @throws RuntimeException when the database was left open
     */
    public function putInForce(string $coming): string
    {
        $database = self::databaseIn($coming);
        if (is_file("{$database}-wal") && filesize("{$database}-wal") > 0) {
            throw new RuntimeException('The new data was left open.');
        }
        chmod($database, 0o600);
        Disk::sync($database);
        Disk::sync($coming);
        $folder = "{$this->path}/data-".($this->last() + 1);
        rename($coming, $folder);
        Disk::sync($this->path);
        Disk::write("{$this->path}/".self::LINE, basename($folder)."\n");

        return $folder;
    }

    /** What was being made, or taken away, when somebody pulled the plug. Only for who holds the gate shut. */
    public function sweep(): void
    {
        foreach ([...glob("{$this->path}/".self::COMING.'*') ?: [], ...glob("{$this->inForce()}/taken-*") ?: []] as $left) {
            Disk::remove($left);
        }
    }

    /** Nobody else on this machine reads what is kept here. */
    public function close(): void
    {
        foreach ([$this->path, $this->inForce(), ...glob("{$this->path}/*", GLOB_ONLYDIR) ?: []] as $folder) {
            chmod($folder, 0o700);
        }
        foreach ([
            ...glob("{$this->path}/*.sqlite*") ?: [], ...glob("{$this->path}/data-*/*.sqlite*") ?: [], ...glob("{$this->path}/key") ?: [],
        ] as $file) {
            chmod($file, 0o600);
        }
    }

    private function last(): int
    {
        return max([0, ...array_map(
            fn (string $folder) => (int) substr((string) strrchr($folder, '-'), 1), glob("{$this->path}/data-*", GLOB_ONLYDIR) ?: [],
        )]);
    }
}
