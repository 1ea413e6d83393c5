<?php

declare(strict_types=1);

namespace Aequus\Words\Days;

use Aequus\Days\DaysRefusal;

/** What was wrong, where, and what to enter instead. */
final class DaysRefusalWords
{
    public static function of(DaysRefusal $is): string
    {
        return match ($is) {
            DaysRefusal::NoticeOfNoDay => 'A notice is given whole working days ahead, one at least.',
            DaysRefusal::LeastAboveGreatest => 'A day’s least temperature is no higher than its greatest. Turn the two round.',
            DaysRefusal::NotWithinTheDaysKnown => '“{work}” is not done within the days whose weather is known.',
            DaysRefusal::NeedsWhatComesLater => '“{work}” needs “{needed}”, which comes after it. Change their order.',
            DaysRefusal::MorePeopleThanThereAre => '“{work}” takes more people than there are.',
            DaysRefusal::WithoutRate => '“{work}” takes one person at least, who gets on with some of it in an hour.',
        };
    }
}
