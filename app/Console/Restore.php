<?php

declare(strict_types=1);

namespace App\Console;

use App\Keeping\BringBack;
use App\Keeping\DataFolder;
use App\Keeping\KeepingRefused;
use App\Keeping\Sealed;
use App\Type\Say;
use Illuminate\Console\Command;

/** Puts a backup in force. The data that was there stays beside it. */
final class Restore extends Command
{
    use AsksSecretly;

    protected $signature = 'aequus:restore {file : a file that backup wrote} {--passphrase= : of an encrypted one; asked for where it is needed}';

    protected $description = 'Put a backup back';

    public function handle(BringBack $bringBack): int
    {
        $file = is_string($this->argument('file')) ? $this->argument('file') : '';
        $passphrase = is_string($this->option('passphrase')) ? $this->option('passphrase') : '';
        if ($passphrase === '' && is_file($file) && Sealed::is($file) && $this->input->isInteractive()) {
            $passphrase = $this->asked(Say::text('keeping.passphrase'));
        }
        $data = DataFolder::current();
        try {
            $before = $bringBack($data, $file, $passphrase);
        } catch (KeepingRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $data->use();
        $this->line(Say::text('keeping.restored', before: $before));

        return self::SUCCESS;
    }
}
