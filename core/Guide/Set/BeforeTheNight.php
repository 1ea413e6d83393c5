<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Guide\Move\Says;

/** What is made safe before work stops. */
enum BeforeTheNight implements Says
{
    case FinishWhatIsBegun;
    case LeaveBracesOn;
    case BraceOrLayDown;
    case CoverTheHoles;
    case StowAway;

    case HalfAPourBreaks;
    case RainAndFrostSpoil;
    case HeldByBracesAlone;
    case BoardsThatBear;
    case WetBagsAreLost;
}
