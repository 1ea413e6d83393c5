<?php

declare(strict_types=1);

namespace App\Site;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The same for the same core, and for no other: what was worked out by another is not taken for this one's. */
final class CoreFingerprint
{
    private static ?string $now = null;

    public static function now(): string
    {
        return self::$now ??= self::of(base_path('core'));
    }

    /** Of every file below a folder: its name, when it was changed, and how long it is. */
    public static function of(string $folder): string
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo) {
                $files[] = "{$file->getPathname()}|{$file->getMTime()}|{$file->getSize()}";
            }
        }
        sort($files);

        return hash('xxh128', implode("\n", $files));
    }
}
