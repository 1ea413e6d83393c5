<?php

declare(strict_types=1);

namespace Aequus\Level;

/** How an instrument gets to the far corner: hops, hoses or set_ups say how many. */
enum InstrumentUse
{
    case OneSpan;
    case Hops;
    case HopsTurned;
    case Hoses;
    case SetUps;
}
