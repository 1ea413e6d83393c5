<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\LoadDemo;
use App\Keeping\Backups;
use App\Keeping\DataFolder;
use App\Keeping\KeepingRefused;
use App\Keeping\Start;
use App\Models\User;
use App\Type\Say;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Makes the data ready, or says why it must not be used; loads the demo into an empty demo database. */
final class Prepare extends Command
{
    protected $signature = 'aequus:prepare';

    protected $description = 'Make the data ready to use';

    public function handle(LoadDemo $demo, Start $start): int
    {
        [$data, $isDemo] = [DataFolder::current(), config('aequus.mode') === 'demo'];
        $before = $data->inForce();
        try {
            $start($data);
        } catch (KeepingRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        foreach ($start->told as $key) {
            $this->line(Say::text("keeping.start_{$key}", ...($key === 'migrated' ? ['before' => $before] : [])));
        }
        $isDemo || $this->backUp(new Backups($data));
        if ($isDemo && ! User::query()->exists()) {
            DB::transaction(fn () => $demo());
            $this->line(Say::text('keeping.demo_loaded'));
        }

        return self::SUCCESS;
    }

    /** A backup that cannot be made, as where its stick is not in, is told and keeps nobody from working. */
    private function backUp(Backups $backups): void
    {
        try {
            if (User::query()->exists() && $backups->isDue(now()->toDateTimeImmutable())) {
                $backups->make(now()->toDateTimeImmutable());
            }
        } catch (Throwable $failure) {
            $this->line(Say::text('keeping.no_backup_made', why: $failure->getMessage()));
        }
    }
}
