<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\DB;

/**
 * Takes one job out of the data for good: all else is written into a new database, checked and swapped in, and the old one is removed. The guards of
 * the logbook are never lifted. Backups and older folders of data still hold the job.
 */
final class Forget
{
    /** @throws KeepingRefused when the job is not in the bin; then nothing was changed */
    public function __invoke(DataFolder $data, int $job): void
    {
        $gate = Gate::shut($data);
        $coming = $data->coming();
        try {
            if (DB::table('jobs')->where('id', $job)->value('shelf') !== 'bin') {
                throw KeepingRefused::notInTheBin((string) $job);
            }
            $given = "{$coming}/given";
            DB::statement('VACUUM INTO ?', [$given]);
            $this->removeAll($data, NewData::putInForce($data, $coming, $given, count(Shape::migrations()), needsOwner: true, where: "@ <> {$job}"));
        } finally {
            Disk::remove($coming);
            $gate->leave();
        }
    }

    /** Whatever lies in the folder that was in force; the data folder itself keeps what is not the data’s. */
    private function removeAll(DataFolder $data, string $before): void
    {
        foreach (glob("{$before}/aequus.sqlite*") ?: [] as $file) {
            Disk::remove($file);
        }
        foreach (["{$before}/cache", "{$before}/sessions"] as $folder) {
            is_dir($folder) && Disk::remove($folder);
        }
        if ($before !== $data->path) {
            Disk::remove($before);
        }
    }
}
