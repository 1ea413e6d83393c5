<?php

declare(strict_types=1);

namespace App\Console;

use App\Network\Addresses;
use App\Network\Authority;
use App\Network\Door;
use App\Type\Say;
use Illuminate\Console\Command;

/** Makes ready what phones come in by: a certificate for today's addresses, what nginx reads, and the names that are answered. */
final class Network extends Command
{
    protected $signature = 'aequus:network {port : where phones come in} {inner : where the application answers} {folder : for what nginx needs}';

    protected $description = 'Make ready what phones come in by';

    public function handle(Addresses $addresses): int
    {
        [$port, $folder, $names] = [(int) $this->argument('port'), implode((array) $this->argument('folder')), $addresses->all()];
        if ($names === []) {
            $this->error(Say::text('network.no_network'));

            return self::FAILURE;
        }
        $authority = Authority::ofThisInstallation();
        $isNew = ! $authority->exists();
        $authority->issue([...$names, '127.0.0.1', 'localhost']);
        (new Door($folder, (string) config('aequus.authority'), $port, (int) $this->argument('inner')))->write();
        file_put_contents("{$folder}/names", implode(' ', $names));
        foreach ($names as $name) {
            $this->line('  '.Say::text('network.for_phones', address: "https://{$name}:{$port}"));
        }
        $this->line('  '.Say::text($isNew ? 'network.first_time' : 'network.new_phone', address: "http://{$names[0]}:{$port}"));
        $this->line('  '.Say::text('network.its_mark', mark: $authority->fingerprint()));

        return self::SUCCESS;
    }
}
