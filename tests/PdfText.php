<?php

declare(strict_types=1);

namespace Tests;

/** The words on the pages of a PDF, as far as a test needs them: the strings shown, in order, without their places. */
final class PdfText
{
    public static function of(string $pdf): string
    {
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        $text = '';
        foreach ($streams[1] as $stream) {
            $shown = @gzuncompress($stream);
            preg_match_all('/\((?:[^()\\\\]|\\\\.)*\)(?=[^()]*?T[jJ])/s', $shown === false ? $stream : $shown, $strings);
            foreach ($strings[0] as $string) {
                $bytes = (string) preg_replace_callback('/\\\\([0-7]{1,3}|.)/s', fn (array $escaped): string => match (true) {
                    ctype_digit($escaped[1]) => chr((int) octdec($escaped[1])),
                    default => ['n' => "\n", 'r' => "\r", 't' => "\t", 'b' => "\x08", 'f' => "\f"][$escaped[1]] ?? $escaped[1],
                }, substr($string, 1, -1));
                $text .= mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE').' ';
            }
        }

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /** @return array{float, float} width and height of the first page in points */
    public static function size(string $pdf): array
    {
        preg_match('/\/MediaBox \[0\.0+ 0\.0+ ([\d.]+) ([\d.]+)\]/', $pdf, $box);

        return [(float) ($box[1] ?? 0), (float) ($box[2] ?? 0)];
    }
}
