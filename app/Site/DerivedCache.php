<?php

declare(strict_types=1);

namespace App\Site;

use Illuminate\Support\Facades\Cache;

/** Something that took time to work out, kept under a stamp of all it was worked out from. Throwing it away changes nothing. */
final class DerivedCache
{
    public const PREFIX = 'derived.';

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return ?T null where nothing is kept, or what is kept was worked out from something else or by another core
     */
    public static function find(string $key, string $stamp, string $class): ?object
    {
        $kept = Cache::get(self::PREFIX.$key);
        // Another core may not even be able to read it: its stamp is looked at first.
        if (! is_array($kept) || ($kept['stamp'] ?? null) !== self::stamped($stamp) || ! is_string($kept['what'] ?? null)) {
            return null;
        }
        $what = unserialize($kept['what']);

        return $what instanceof $class ? $what : null;
    }

    public static function keep(string $key, string $stamp, object $what): void
    {
        Cache::put(self::PREFIX.$key, ['stamp' => self::stamped($stamp), 'what' => serialize($what)], now()->addMonth());
    }

    private static function stamped(string $stamp): string
    {
        return $stamp.'|'.CoreFingerprint::now();
    }
}
