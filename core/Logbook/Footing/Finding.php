<?php

declare(strict_types=1);

namespace Aequus\Logbook\Footing;

use Aequus\Fact\Named;

/** What a hole met that nobody planned for. */
enum Finding: string implements Named
{
    case Rock = 'rock';
    case Roots = 'roots';
    case Water = 'water';
    case RunningSand = 'running_sand';
    case SoftGround = 'soft_ground';

    /** As it is called on the quick line. */
    public function spoken(): string
    {
        return $this->inWords();
    }

    public function inWords(): string
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
