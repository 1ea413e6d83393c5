<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Guide\Move\Says;

/** What is looked at before work goes on. */
enum AfterTheNight implements Says
{
    case LookAtTheFill;
    case CoverTheFill;
    case ReadPlumbAgain;
    case EmptyTheHoles;
    case LookForFrozenGround;
    case BracesMayComeOff;

    case FrozeWhenFresh;
    case FrostOnItsFirstDay;
    case GustsSinceItWasRead;
    case RainSinceDug;
    case FrostInTheHoles;
    case HardByClockAndWeather;
}
