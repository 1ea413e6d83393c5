<?php

declare(strict_types=1);

namespace Aequus\Level;

/** What heights can be carried over with, from the simplest to the dearest. */
enum InstrumentKind
{
    case LineLevel;
    case BoardLevel;
    case BoardLevelTurned;
    case WaterLevel;
    case Laser;
}
