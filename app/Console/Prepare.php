<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\LoadDemo;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Makes the database ready: creates it, backs it up before it is migrated, and loads the demo into an empty demo database. */
final class Prepare extends Command
{
    protected $signature = 'aequus:prepare';

    protected $description = 'Make the database ready to use';

    public function handle(LoadDemo $demo): int
    {
        $file = (string) config('database.connections.sqlite.database');
        $isNew = ! is_file($file);
        if ($isNew) {
            touch($file);
        } elseif ($this->wantsMigration()) {
            Artisan::call('aequus:backup', ['file' => config('aequus.data').'/before-migration-'.now()->format('Ymd-His').'.aequus']);
        }
        Artisan::call('migrate', ['--force' => true]);
        if (config('aequus.mode') === 'demo' && ! User::query()->exists()) {
            $demo();
            $this->line('The demo jobs are loaded.');
        }

        return self::SUCCESS;
    }

    private function wantsMigration(): bool
    {
        $ran = DB::getSchemaBuilder()->hasTable('migrations') ? DB::table('migrations')->pluck('migration')->all() : [];
        $there = array_map(fn (string $path) => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);

        return array_diff($there, $ran) !== [];
    }
}
