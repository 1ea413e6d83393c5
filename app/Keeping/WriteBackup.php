<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\DB;
use PDOException;

/** Everything in one file, taken while the application may be running, read again before it has its name. */
final class WriteBackup
{
    /** How a file is called until it is whole. */
    public const WRITING = '.writing-';

    /**
     * @param  string  $passphrase  encrypts the file; empty for none
     *
     * @throws KeepingRefused when the name is taken, there is nothing to keep, or what was written cannot be read again
     */
    public function __invoke(DataFolder $data, string $file, string $passphrase = ''): void
    {
        if (file_exists($file)) {
            throw KeepingRefused::isThere($file);
        }
        if (! $data->hasData()) {
            throw KeepingRefused::noData();
        }
        $gate = Gate::pass($data) ?? throw KeepingRefused::another();
        $writing = dirname($file).'/'.self::WRITING.bin2hex(random_bytes(6));
        try {
            DB::statement('VACUUM INTO ?', [$writing]);
            chmod($writing, 0o600);
            Seal::put(SqliteFile::open($writing));
            Contents::versionOf($writing, basename($file));
            if ($passphrase !== '') {
                Sealed::write($writing, "{$writing}.sealed", $passphrase);
                Sealed::open("{$writing}.sealed", "{$writing}.opened", $passphrase);
                if (hash_file('sha256', "{$writing}.opened") !== hash_file('sha256', $writing)) {
                    throw KeepingRefused::damaged($file);
                }
                rename("{$writing}.sealed", $writing);
            }
            Disk::sync($writing);
            // A link never takes the place of a file that came meanwhile, as a rename would.
            if (! @link($writing, $file)) {
                throw KeepingRefused::isThere($file);
            }
            Disk::sync(dirname($file));
        } catch (PDOException $failure) {
            throw KeepingRefused::cannotWrite($file, $failure->getPrevious()?->getMessage() ?? $failure->getMessage());
        } finally {
            array_map(Disk::remove(...), glob("{$writing}*") ?: []);
            $gate->leave();
        }
    }
}
