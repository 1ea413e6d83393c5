<?php

declare(strict_types=1);

namespace App\Keeping;

/** Puts a backup in force: read into a new database beside the present one, checked there, then swapped in. The present data stays beside it. */
final class BringBack
{
    /**
     * @return string the folder of the data that was in force
     *
     * @throws KeepingRefused when the file is not taken; then nothing was changed
     */
    public function __invoke(DataFolder $data, string $file, string $passphrase = ''): string
    {
        if (! is_file($file) || ! is_readable($file)) {
            throw KeepingRefused::noFile($file);
        }
        $gate = Gate::shut($data);
        $coming = $data->coming();
        try {
            $given = "{$coming}/given";
            if (Sealed::is($file)) {
                Sealed::open($file, $given, $passphrase);
            } else {
                copy($file, $given);
                is_file("{$file}-wal") && copy("{$file}-wal", "{$given}-wal");
            }

            return NewData::putInForce($data, $coming, $given, Contents::versionOf($given, basename($file)), needsOwner: true);
        } finally {
            Disk::remove($coming);
            $gate->leave();
        }
    }
}
