<?php

declare(strict_types=1);

namespace App\Keeping;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;

/** Files that are there after the power went: written beside, flushed, and named by a rename. */
final class Disk
{
    /** @throws RuntimeException when the disk does not take it */
    public static function sync(string $path): void
    {
        $handle = fopen($path, 'r');
        if ($handle === false || ! fsync($handle)) {
            throw new RuntimeException("{$path} could not be written to the disk for good.");
        }
        fclose($handle);
    }

    /** @throws RuntimeException when the disk does not take it */
    public static function write(string $path, string $text): void
    {
        $beside = "{$path}.new";
        if (file_put_contents($beside, $text) !== strlen($text)) {
            throw new RuntimeException("{$path} could not be written.");
        }
        chmod($beside, 0o600);
        self::sync($beside);
        rename($beside, $path);
        self::sync(dirname($path));
    }

    /** A file, or a folder with all that is in it. */
    public static function remove(string $path): void
    {
        if (! is_dir($path) || is_link($path)) {
            is_file($path) && unlink($path);

            return;
        }
        /** @var iterable<SplFileInfo> $inside */
        $inside = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($path, FilesystemIterator::SKIP_DOTS), RecursiveIteratorIterator::CHILD_FIRST,
        );
        foreach ($inside as $one) {
            $one->isDir() && ! $one->isLink() ? rmdir($one->getPathname()) : unlink($one->getPathname());
        }
        rmdir($path);
    }
}
