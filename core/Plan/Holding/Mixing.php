<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** Where the bags meet their water. */
enum Mixing: string implements Custom
{
    case Before = 'before';
    case WetInTheHole = 'wet_in_the_hole';
    case DryInTheHole = 'dry_in_the_hole';

    public function suits(): string
    {
        return match ($this) {
            self::Before => 'anything that carries a load: full strength, known water',
            self::WetInTheHole => 'a few fence posts without a mixer',
            self::DryInTheHole => 'light posts, setting mix made for it',
        };
    }

    public function speaksAgainst(): string
    {
        return match ($this) {
            self::Before => 'a mixer or a barrow, and the water carried to it',
            self::WetInTheHole => 'earth falls in and weakens it; the post is pushed while stirring',
            self::DryInTheHole => 'dry pockets, half the strength; not under a roof or floor',
        };
    }
}
