<?php

declare(strict_types=1);

namespace Aequus\Words;

/** A text with places for its parts, taken to pieces once. */
final class Template
{
    private const PLACE = '/^\{(\^)?([a-z_]+)([;,|&])?(?:: ?(.*))?\}$/s';

    /** @var array<string, list<string|array{name: string, capital: bool, between: string, counted: ?string}>> by the text */
    private static array $read = [];

    /** @return list<string|array{name: string, capital: bool, between: string, counted: ?string}> words, and places between them */
    public static function pieces(string $text): array
    {
        return self::$read[$text] ??= array_map(
            fn (string $piece) => preg_match(self::PLACE, $piece, $place) !== 1 ? $piece : [
                'name' => $place[2], 'capital' => $place[1] === '^', 'between' => $place[3] ?? '', 'counted' => $place[4] ?? null,
            ],
            preg_split('/(\{[^{}]+\})/', $text, flags: PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [],
        );
    }
}
