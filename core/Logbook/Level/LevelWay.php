<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

/** Which way round a spirit level lay on its board. */
enum LevelWay: string
{
    case AsMarked = 'as_marked';
    case Turned = 'turned';

    /** +1 or −1: how its own error counts. */
    public function sign(): int
    {
        return $this === self::AsMarked ? 1 : -1;
    }
}
