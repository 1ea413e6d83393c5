<?php

declare(strict_types=1);

namespace Aequus\Logbook\Square;

/** How the tape was held: level, or along the ground, so that the rise between its ends must be taken off. */
enum TapeLay: string
{
    case Level = 'level';
    case AlongGround = 'along_ground';
}
