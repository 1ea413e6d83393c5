<?php

declare(strict_types=1);

namespace Aequus\Plan\Layout;

/** The three places a string may run. */
enum StringAt: string
{
    case Centre = 'centre';
    case Face = 'face';
    case Offset = 'offset';
}
