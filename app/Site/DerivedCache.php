<?php

declare(strict_types=1);

namespace App\Site;

use Illuminate\Support\Facades\Cache;

/** Something that took time to work out, kept under a stamp of all it was worked out from. Throwing it away changes nothing. */
final class DerivedCache
{
    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return ?T null where nothing is kept, or what is kept was worked out from something else or by another core
     */
    public static function find(string $key, string $stamp, string $class): ?object
    {
        $kept = Cache::get($key);

        return is_array($kept) && ($kept['stamp'] ?? '') === self::stamped($stamp) && ($kept['what'] ?? null) instanceof $class ? $kept['what'] : null;
    }

    public static function keep(string $key, string $stamp, object $what): void
    {
        Cache::put($key, ['stamp' => self::stamped($stamp), 'what' => $what], now()->addMonth());
    }

    private static function stamped(string $stamp): string
    {
        return $stamp.'|'.CoreFingerprint::now();
    }
}
