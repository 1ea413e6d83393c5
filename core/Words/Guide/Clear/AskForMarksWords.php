<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Clear;

use Aequus\Guide\Clear\AskForMarks;

final class AskForMarksWords
{
    public static function of(AskForMarks $is): string
    {
        return match ($is) {
            AskForMarks::StopDiggingAndAsk => 'Stop digging and ask for utility marks',
            AskForMarks::AskForMarks => 'Ask for utility marks',
            AskForMarks::DugWithoutNotice => 'Holes are written down, but no notice is. What lies in the ground here is not known until the '
                .'lines are marked.',
            AskForMarks::MarksTakeDays => 'Marks take some working days, so ask before the staking. Private lines are yours to find and enter.',
        };
    }
}
