<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\AfterTheNight;

final class AfterTheNightWords
{
    public static function of(AfterTheNight $is): string
    {
        return match ($is) {
            AfterTheNight::LookAtTheFill => 'Look at the fill: it came to freezing',
            AfterTheNight::CoverTheFill => 'Cover the fill, warm',
            AfterTheNight::ReadPlumbAgain => 'Read plumb again',
            AfterTheNight::EmptyTheHoles => 'Bail out the holes',
            AfterTheNight::LookForFrozenGround => 'Look for frozen ground',
            AfterTheNight::BracesMayComeOff => 'Braces may come off',
            AfterTheNight::FrozeWhenFresh => 'Concrete that freezes on its first day never gets its full strength. Scratch it with a nail: where it '
                .'crumbles or flakes, or sounds dull under the hammer, it comes out, or an engineer says what it still bears. Braces stay on.',
            AfterTheNight::FrostOnItsFirstDay => 'Its first day is not over, and freezing is foretold: straw or blankets over it, weighed down, '
                .'before it gets cold.',
            AfterTheNight::GustsSinceItWasRead => 'Gusts have come since that stop any lifting, and braces give. Both faces, before anything is '
                .'filled or loaded.',
            AfterTheNight::RainSinceDug => 'Rain has come since they were dug: bail them out, dig out mud and what fell in, and measure the depth '
                .'again.',
            AfterTheNight::FrostInTheHoles => 'It has frozen since they were dug: nothing is poured on frozen ground. Let it thaw, or dig it out.',
            AfterTheNight::HardByClockAndWeather => 'They have had their hours, and the weather that came was warm enough for it. Look first: a '
                .'surface '
                .'that is still wet counts for more than any clock.',
        };
    }
}
