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
    /** A surface of the ground that came in from a file. */
    case Survey = 'survey';

    /** @return list<self> that somebody holds */
    public static function held(): array
    {
        return [self::Board, self::Water, self::LineLevel, self::Phone];
    }

    /** Whether it reads between two points without a board or string of some length. */
    public function needsNoLength(): bool
    {
        return $this === self::Water || $this === self::Survey;
    }
}
