<?php

declare(strict_types=1);

namespace Aequus\Site;

/** The phases of a job, in working order. */
enum Phase: string
{
    case Plan = 'plan';
    case Clear = 'clear';
    case Square = 'square';
    case Level = 'level';
    case Footing = 'footing';
    case Set = 'set';
    case Cut = 'cut';
    case Handover = 'handover';
}
