<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Opens SQLite so that the framework's own transactions take the write lock first. */
final class WriteLockConnector extends SQLiteConnector
{
    /** @param  array<int, mixed>  $options */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): WriteLockPdo
    {
        return new WriteLockPdo($dsn, $username, $password, $options);
    }
}
