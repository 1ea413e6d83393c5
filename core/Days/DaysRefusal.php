<?php

declare(strict_types=1);

namespace Aequus\Days;

/** Why days can’t be counted or planned so. */
enum DaysRefusal
{
    case NoticeOfNoDay;
    case LeastAboveGreatest;
    case NotWithinTheDaysKnown;
    case NeedsWhatComesLater;
    case MorePeopleThanThereAre;
    case WithoutRate;
}
