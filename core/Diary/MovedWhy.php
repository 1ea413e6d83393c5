<?php

declare(strict_types=1);

namespace Aequus\Diary;

/** Why a job is done on another day than it stood at this morning. */
enum MovedWhy: string
{
    case WaitsChanged = 'waits';
    case RatesLearned = 'rates';
    case WeatherTold = 'weather';
    case WorkDone = 'done';
    case MoreWork = 'more';
    /** What was to be done by now is not written down. */
    case TimePassed = 'time';
    /** The same work falls otherwise into half days. */
    case FallsOtherwise = 'falls';
}
