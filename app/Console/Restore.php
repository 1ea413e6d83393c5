<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;
use PDO;
use PDOException;

/** Puts a backup back in place. The present data is kept beside it. */
final class Restore extends Command
{
    protected $signature = 'aequus:restore {file : a file that backup wrote}';

    protected $description = 'Put a backup back';

    public function handle(): int
    {
        $file = is_string($this->argument('file')) ? $this->argument('file') : '';
        if (! $this->isBackup($file)) {
            $this->error("{$file} is not a backup of Aequus. Nothing was changed.");

            return self::FAILURE;
        }
        $database = (string) config('database.connections.sqlite.database');
        if (is_file($database)) {
            $kept = $database.'.before-restore-'.now()->format('Ymd-His');
            (new PDO("sqlite:{$database}"))->exec('VACUUM INTO '.(new PDO('sqlite::memory:'))->quote($kept));
            array_map(fn (string $part) => is_file($part) && unlink($part), [$database, "{$database}-wal", "{$database}-shm"]);
            $this->line("The present data is kept in {$kept}");
        }
        copy($file, $database);
        Cache::flush();
        $this->line('The backup is in place.');

        return self::SUCCESS;
    }

    private function isBackup(string $file): bool
    {
        try {
            $tables = is_file($file)
                ? (new PDO("sqlite:{$file}"))->query("SELECT count(*) FROM sqlite_master WHERE name IN ('entries', 'plan_revisions')") : false;

            return $tables !== false && (int) $tables->fetchColumn() === 2;
        } catch (PDOException) {
            return false;
        }
    }
}
