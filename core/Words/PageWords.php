<?php

declare(strict_types=1);

namespace Aequus\Words;

use OutOfBoundsException;

/** What the pages say by themselves: headings, labels, hints and sentences, one file for each folder of pages, each text under a key. */
final class PageWords
{
    /** @var array<string, array<string, string>> by the name of the file */
    private static array $read = [];

    /**
     * @param  string  $key  “square.hand.why”: the file, then the key in it
     *
     * @throws OutOfBoundsException when nobody has words for it
     */
    public static function of(string $key): string
    {
        [$file, $within] = explode('.', $key, 2);

        return self::in($file)[$within] ?? throw new OutOfBoundsException("No page says “{$key}”.");
    }

    /** @return array<string, string> */
    public static function in(string $file): array
    {
        return self::$read[$file] ??= self::read($file);
    }

    /** @return array<string, string> */
    private static function read(string $file): array
    {
        /** @var array<string, string> $texts */
        $texts = require __DIR__."/Pages/{$file}.php";

        return $texts;
    }
}
