<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

/** Which side of a line, seen walking along it. */
enum Turn: string
{
    case Left = 'left';
    case Right = 'right';
}
