<?php

declare(strict_types=1);

namespace Aequus\Logbook\Footing;

/** What a hole met that nobody planned for. */
enum Finding: string
{
    case Rock = 'rock';
    case Roots = 'roots';
    case Water = 'water';
    case RunningSand = 'running_sand';
    case SoftGround = 'soft_ground';

    /** As it is called on the quick line, and everywhere else. */
    public function spoken(): string
    {
        return match ($this) {
            self::Rock => 'rock',
            self::Roots => 'roots',
            self::Water => 'water',
            self::RunningSand => 'running sand',
            self::SoftGround => 'soft ground',
        };
    }
}
