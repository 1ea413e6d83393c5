<?php

declare(strict_types=1);

namespace App\Console;

use App\Keeping\DataFolder;
use App\Keeping\Forget;
use App\Keeping\KeepingRefused;
use App\Type\Say;
use Illuminate\Console\Command;

/** Takes one job that lies in the bin out of the data for good. */
final class ForgetJob extends Command
{
    protected $signature = 'aequus:forget {job : its number, as in its address}';

    protected $description = 'Take a job out of the bin for good';

    public function handle(Forget $forget): int
    {
        $job = is_string($this->argument('job')) ? $this->argument('job') : '';
        $data = DataFolder::current();
        try {
            $forget($data, ctype_digit($job) ? (int) $job : throw KeepingRefused::notInTheBin($job));
        } catch (KeepingRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $data->use();
        $this->line(Say::text('keeping.forgotten', job: $job));

        return self::SUCCESS;
    }
}
