<?php

declare(strict_types=1);

namespace Aequus\Footing;

/** What goes back into the hole round the post. */
enum Fill: string
{
    case Concrete = 'concrete';
    case Earth = 'earth';
    case Gravel = 'gravel';

    public function inWords(): string
    {
        return match ($this) {
            self::Concrete => 'concrete up to the ground',
            self::Earth => 'concrete pad, earth tamped back',
            self::Gravel => 'concrete pad, crushed gravel tamped',
        };
    }
}
