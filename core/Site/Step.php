<?php

declare(strict_types=1);

namespace Aequus\Site;

/** What somebody is about to do, as far as cautions go; finer than a phase. */
enum Step
{
    case Planning;
    case Clearing;
    case Squaring;
    case Levelling;
    case ChoosingDepths;
    case ChoosingHold;
    case Piers;
    case Loads;
    case Materials;
    case Digging;
    case Setting;
    case Standing;
    case Stopping;
    case Cutting;
}
