<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

/** Where on two standing posts a tape was held. */
enum SpacingAt: string
{
    case Ground = 'ground';
    case Top = 'top';
}
