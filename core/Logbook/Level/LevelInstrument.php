<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

use Aequus\Fact\Named;

/** What reads a difference of height directly. */
enum LevelInstrument: string implements Named
{
    case Board = 'board';
    case Water = 'water';
    case LineLevel = 'line_level';

    public function inWords(): string
    {
        return match ($this) {
            self::Board => 'spirit level on a board',
            self::Water => 'water level',
            self::LineLevel => 'line level on a string',
        };
    }
}
