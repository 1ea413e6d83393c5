<?php

declare(strict_types=1);

namespace Tests;

use Generator;
use RuntimeException;

/** Worked cases from an independent computation, with the tolerances their file states. */
final class Vectors
{
    /** @return Generator<string, array{array<string, mixed>, Expected}> input and expectation by name */
    public static function of(string $topic, string $kind): Generator
    {
        $any = false;
        foreach (self::file($topic)['cases'] as $case) {
            if ($case['input']['kind'] === $kind) {
                $any = true;
                yield $case['name'] => [$case['input'], new Expected($case['expect'])];
            }
        }
        $any || throw new RuntimeException("no case of kind {$kind} in {$topic}");
    }

    /** Whether a computed number is the expected one, within the file's absolute or relative tolerance. */
    public static function close(string $topic, float $expected, float $computed): bool
    {
        $tolerance = self::file($topic)['tolerance'];

        return abs($computed - $expected) <= max($tolerance['absolute'], $tolerance['relative'] * abs($expected));
    }

    /** @return array<string, mixed> */
    private static function file(string $topic): array
    {
        static $read = [];

        return $read[$topic] ??= json_decode((string) file_get_contents(__DIR__."/vectors/{$topic}.json"), true, flags: JSON_THROW_ON_ERROR);
    }
}
