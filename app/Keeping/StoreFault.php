<?php

declare(strict_types=1);

namespace App\Keeping;

use PDOException;

/** Why the data could not be written or read just now. Nothing of the request was stored: a transaction that fails leaves nothing. */
enum StoreFault: string
{
    case Busy = 'busy';
    case Full = 'full';
    case ReadOnly = 'read_only';
    case Gone = 'gone';

    /** Null where it is a fault of ours and none of the disk. */
    public static function of(PDOException $failure): ?self
    {
        $says = $failure->getPrevious()?->getMessage() ?? $failure->getMessage();

        return match (true) {
            str_contains($says, 'is locked') || str_contains($says, 'is busy') => self::Busy,
            str_contains($says, 'disk is full') => self::Full,
            str_contains($says, 'readonly database') => self::ReadOnly,
            str_contains($says, 'unable to open database') || str_contains($says, 'disk I/O error')
                || str_contains($says, 'does not exist') => self::Gone,
            default => null,
        };
    }
}
