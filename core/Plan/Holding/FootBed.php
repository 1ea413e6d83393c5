<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** What the foot of a post stands on. */
enum FootBed: string implements Custom
{
    case Sump = 'sump';
    case Block = 'block';
    case Pad = 'pad';
    case BareSoil = 'bare_soil';
}
