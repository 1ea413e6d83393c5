<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\BeforeTheNight;

final class BeforeTheNightWords
{
    public static function of(BeforeTheNight $is): string
    {
        return match ($is) {
            BeforeTheNight::FinishWhatIsBegun => 'Finish what is begun',
            BeforeTheNight::LeaveBracesOn => 'Leave braces on, cover the fresh fill',
            BeforeTheNight::BraceOrLayDown => 'Brace both ways, or lay it down',
            BeforeTheNight::CoverTheHoles => 'Cover the holes',
            BeforeTheNight::StowAway => 'Bags under a roof or a sheet, off the ground; tools, ladders and cables down',
            BeforeTheNight::HalfAPourBreaks => 'A pour that stops half-way leaves a joint where the post breaks: fill to the top, plumb both '
                .'faces, slope it off. '
                .'Where bags do not reach, leave the surface rough and ask an engineer.',
            BeforeTheNight::RainAndFrostSpoil => 'Rain washes it out, frost spoils it. Sheet or straw over it, weighed down; nobody leans on these '
                .'posts.',
            BeforeTheNight::HeldByBracesAlone => 'A post in an open hole is held by its braces alone. A second pair, or down on the ground '
                .'before the wind comes.',
            BeforeTheNight::BoardsThatBear => 'Boards that bear a person, weighed down and marked. Nobody reaches into them in the morning '
                .'before they are looked into.',
            BeforeTheNight::WetBagsAreLost => 'Wet bags are lost. Power off.',
        };
    }
}
