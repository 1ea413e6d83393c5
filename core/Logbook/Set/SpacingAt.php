<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

use Aequus\Fact\Named;

/** Where on two standing posts a tape was held. */
enum SpacingAt: string implements Named
{
    case Ground = 'ground';
    case Top = 'top';

    public function inWords(): string
    {
        return match ($this) {
            self::Ground => 'at the ground',
            self::Top => 'at the tops',
        };
    }
}
