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

    /** @return list<float> how long every straight line of the pages is, points */
    public static function lineLengths(string $pdf): array
    {
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        $lengths = [];
        foreach ($streams[1] as $stream) {
            [$scales, $scale, $from] = [[], [1.0, 1.0], null];
            foreach (explode("\n", (string) @gzuncompress($stream)) as $line) {
                if (preg_match('/^q\b/', $line)) {
                    $scales[] = $scale;
                } elseif (preg_match('/^Q\b/', $line)) {
                    $scale = array_pop($scales) ?? [1.0, 1.0];
                } elseif (preg_match('/^\s*(-?[\d.]+) -?[\d.]+ -?[\d.]+ (-?[\d.]+) -?[\d.]+ -?[\d.]+ cm/', $line, $matrix)) {
                    $scale = [$scale[0] * (float) $matrix[1], $scale[1] * (float) $matrix[2]];
                } elseif (preg_match('/^\s*(-?[\d.]+) (-?[\d.]+) ([ml])$/', $line, $to)) {
                    if ($to[3] === 'l' && $from !== null) {
                        $lengths[] = hypot(((float) $to[1] - $from[0]) * $scale[0], ((float) $to[2] - $from[1]) * $scale[1]);
                    }
                    $from = [(float) $to[1], (float) $to[2]];
                }
            }
        }

        return $lengths;
    }
}
