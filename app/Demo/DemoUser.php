<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\User;

/** The one account of the demo. */
final class DemoUser
{
    public const EMAIL = 'demo@aequus.test';

    public const PASSWORD = 'plumb-and-square';

    public static function find(): User
    {
        return User::query()->where('email', self::EMAIL)->firstOrFail();
    }
}
