<?php

declare(strict_types=1);

namespace Aequus\Logbook\Set;

/** What was done with the fill of one hole. */
enum FillStep: string
{
    case Started = 'started';
    case Done = 'done';
    case StillWet = 'still_wet';
    case Stripped = 'stripped';
}
