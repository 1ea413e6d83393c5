<?php

declare(strict_types=1);

namespace App\Exchange;

/** Lines of cells as spreadsheets write and read them. */
final class Csv
{
    /** More lines than this nobody has on a bill. */
    public const MOST_LINES = 2000;

    /**
     * What begins like a formula is kept from being one.
     *
     * @param  list<list<string>>  $lines
     */
    public static function write(array $lines): string
    {
        $file = fopen('php://memory', 'w+');
        assert($file !== false);
        foreach ($lines as $cells) {
            fputcsv($file, array_map(self::harmless(...), $cells), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * Commas, semicolons or tabs between the cells, as the first line has them; with or without a mark at its beginning; UTF-8, else as older
     * spreadsheets write it. Empty lines are left out.
     *
     * @return list<list<string>> at most so many lines
     */
    public static function read(string $bytes): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes);
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $first = strtok($text, "\r\n") ?: '';
        $between = array_map(fn (string $one) => substr_count($first, $one), ["\t" => "\t", ';' => ';', ',' => ',']);
        arsort($between);
        $file = fopen('php://memory', 'w+');
        assert($file !== false);
        fwrite($file, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($file);
        $lines = [];
        while (count($lines) < self::MOST_LINES && ($cells = fgetcsv($file, separator: (string) array_key_first($between), escape: '')) !== false) {
            $cells = array_map(fn (?string $cell) => self::plain(trim((string) $cell)), $cells);
            if (implode('', $cells) !== '') {
                $lines[] = $cells;
            }
        }

        return $lines;
    }

    private static function harmless(string $cell): string
    {
        return preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell;
    }

    /** What was kept from being a formula is read as it was. */
    private static function plain(string $cell): string
    {
        return preg_match('/^\'[=+\-@]/', $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
