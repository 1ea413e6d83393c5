<?php

declare(strict_types=1);

namespace Aequus\Logbook\Level;

/** What reads a difference of height directly. */
enum LevelInstrument: string
{
    case Board = 'board';
    case Water = 'water';
    case LineLevel = 'line_level';
    case Phone = 'phone';
}
