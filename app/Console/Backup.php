<?php

declare(strict_types=1);

namespace App\Console;

use App\Keeping\Backups;
use App\Keeping\DataFolder;
use App\Keeping\KeepingRefused;
use App\Keeping\WriteBackup;
use App\Type\Say;
use Illuminate\Console\Command;

/** The whole of a person's data in one file, taken while the application may be running; also those made by themselves, and their list. */
final class Backup extends Command
{
    use AsksSecretly;

    protected $signature = 'aequus:backup {file? : where to write it} {--passphrase : asks for one and encrypts the file} {--if-due : only where '
        .'the last is a day old}
        {--list : those there are}';

    protected $description = 'Write all data into one file';

    public function handle(WriteBackup $write): int
    {
        [$data, $now] = [DataFolder::current(), now()->toDateTimeImmutable()];
        $backups = new Backups($data);
        if ($this->option('list')) {
            return $this->list($backups);
        }
        $typed = $this->argument('file');
        $file = is_string($typed) ? $typed : getcwd().'/aequus-'.now()->format('Ymd-His').'.aequus';
        try {
            if ($this->option('if-due')) {
                $backups->isDue($now) && $data->hasData() && $backups->make($now);

                return self::SUCCESS;
            }
            $passphrase = $this->option('passphrase') ? $this->typedTwice() : '';
            $write($data, $file, $passphrase);
        } catch (KeepingRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        if (Backups::isElsewhere($file, $data)) {
            $backups->copyHasLeft($now);
        }
        $this->line(Say::text('keeping.backed_up', file: $file));

        return self::SUCCESS;
    }

    private function list(Backups $backups): int
    {
        $all = $backups->all();
        foreach ($all as $one) {
            $this->line(Say::text(
                'keeping.all', at: $one['at']->format('Y-m-d H:i'), size: number_format($one['bytes'] / 1e6, 1).' MB', file: $one['file'],
            ));
        }
        $all === [] && $this->line(Say::text('keeping.none'));
        $this->line($backups->saysWhenLeft('Y-m-d'));

        return self::SUCCESS;
    }

    /** @throws KeepingRefused when the two differ */
    private function typedTwice(): string
    {
        $once = $this->asked(Say::text('keeping.passphrase'));

        return $once !== '' && $once === $this->asked(Say::text('keeping.passphrase_again')) ? $once : throw KeepingRefused::notTheSame();
    }
}
