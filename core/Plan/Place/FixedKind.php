<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Fact\Named;

/** What a line that will not move is on the site: whether a board can stand behind it, and what to call it. */
enum FixedKind: string implements Named
{
    case Wall = 'wall';
    case Boundary = 'boundary';
    case String = 'string';

    /** Whether nothing of the job may stand on its far side: no post, no board, no stake. */
    public function shutsOff(): bool
    {
        return $this !== self::String;
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Wall => 'wall or building',
            self::Boundary => 'boundary, hedge or edge of a road',
            self::String => 'string that stays',
        };
    }
}
