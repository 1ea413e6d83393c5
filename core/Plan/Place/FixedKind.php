<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

/** What a line that will not move is on the site: whether a board can stand behind it, and what to call it. */
enum FixedKind: string
{
    case Wall = 'wall';
    case Boundary = 'boundary';
    case String = 'string';

    /** Whether nothing of the job may stand on its far side: no post, no board, no stake. */
    public function shutsOff(): bool
    {
        return $this !== self::String;
    }
}
