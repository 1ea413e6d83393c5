<?php

declare(strict_types=1);

namespace App\Bill;

/** A price or an amount as people and spreadsheets write it: 12.50 or 12,5, 1,234.50 or 1.234,50. */
final class Amount
{
    private const MOST = 1e7;

    /** @return ?float null where it is none, is out of bounds, or can be read two ways: 1,234 may be a thousand or one and a bit */
    public static function read(string $typed, float $least = 0.0, float $most = self::MOST): ?float
    {
        $plain = (string) preg_replace('/[^\d.,\-]/', '', $typed);
        if (preg_match('/\d/', $plain) !== 1 || preg_match('/[a-z]/i', $typed) === 1 || preg_match('/^-?[1-9]\d{0,2}[.,]\d{3}$/', $plain) === 1) {
            return null;
        }
        // The last mark is the decimal one, any before it part thousands.
        $plain = preg_match('/^-?\d{1,3}(?:([.,])\d{3})+(?!\1)[.,]\d+$/', $plain) === 1 ? (string) preg_replace('/[.,](?=.*[.,])/', '', $plain)
            : $plain;
        $plain = str_replace(',', '.', $plain);

        return is_numeric($plain) && (float) $plain >= $least && (float) $plain <= $most ? (float) $plain : null;
    }
}
