<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** The whole of a person's data in one file, taken while the application may be running. */
final class Backup extends Command
{
    protected $signature = 'aequus:backup {file? : where to write it}';

    protected $description = 'Write all data into one file';

    public function handle(): int
    {
        $file = is_string($this->argument('file')) ? $this->argument('file') : getcwd().'/aequus-'.now()->format('Ymd-His').'.aequus';
        if (file_exists($file)) {
            $this->error("{$file} is there already. Choose another name.");

            return self::FAILURE;
        }
        if (! is_file((string) config('database.connections.sqlite.database'))) {
            $this->error('There is no data yet. Start Aequus once: ./aequus start');

            return self::FAILURE;
        }
        DB::statement('VACUUM INTO ?', [$file]);
        $this->line("Everything is in {$file}");

        return self::SUCCESS;
    }
}
