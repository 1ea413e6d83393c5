<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

/** What comes of something that keeps batter boards from where the plan sets them back to. */
enum BoardHindrance
{
    case MovedForLine;
    case MovedForService;
    case NoPlaceForLine;
    case NoPlaceForService;
}
