<?php

declare(strict_types=1);

namespace App\Keeping;

/** What our databases are made of. */
final class Shape
{
    /** In an order in which each finds what it refers to. */
    public const TABLES = ['users', 'jobs', 'plan_revisions', 'entries', 'read_cautions', 'pictures'];

    /** @return list<string> every migration this version knows, in order */
    public static function migrations(): array
    {
        return array_map(fn (string $path) => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }
}
