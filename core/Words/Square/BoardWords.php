<?php

declare(strict_types=1);

namespace Aequus\Words\Square;

use Aequus\Square\SettingOut\BoardHindrance;

/** Why batter boards do not stand where the plan sets them back to, and what to do about it. */
final class BoardWords
{
    public static function hindered(BoardHindrance $is): string
    {
        return match ($is) {
            BoardHindrance::MovedForLine => 'The {lines: board|boards} of {lines} on the {side} side {lines: stands|stand} back {setback} '
                .'instead of {planned}, '
                .'for {name}.',
            BoardHindrance::MovedForService => 'The {lines: board|boards} of {lines} on the {side} side {lines: stands|stand} back '
                .'{setback} instead of '
                .'{planned}, for the no-dig band of {name}.',
            BoardHindrance::NoPlaceForLine => 'The {lines: board|boards} of {lines} on the {side} side can’t stand there for {name}: mark '
                .'the string on the '
                .'wall itself, or run it from stakes between.',
            BoardHindrance::NoPlaceForService => 'The {lines: board|boards} of {lines} on the {side} side can’t stand there for the '
                .'no-dig band of {name}: '
                .'weigh a trestle down instead of driving stakes.',
        };
    }
}
