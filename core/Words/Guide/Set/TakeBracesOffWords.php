<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\TakeBracesOff;

final class TakeBracesOffWords
{
    public static function of(TakeBracesOff $is): string
    {
        return match ($is) {
            TakeBracesOff::LeaveAlone => 'Leave {post} alone until it is hard',
            TakeBracesOff::TakeBracesOff => 'Take the braces off {post}',
            TakeBracesOff::FilledAtFreezing => 'It was filled at freezing: it does not set. Keep it warm, and ask the label of the bag; no saw, '
                .'no load, no braces off.',
            TakeBracesOff::FoundWet => 'Its surface was found wet: believe the surface, not the label. No saw, no load, no braces off.',
            TakeBracesOff::ShakesLoose => 'Sawing and loading shake what has not set.',
            TakeBracesOff::WriteDownTheFill => 'Write down when it is filled.',
            TakeBracesOff::HoursMore => 'It wants about {hours: # hour|# hours} more.',
            TakeBracesOff::MinutesMore => 'It wants {minutes: # minute|# minutes} more.',
            TakeBracesOff::HardByItsClock => 'What holds it has had its hours. Look and scratch first; a cold night makes it longer, the page of '
                .'days knows. '
                .'Then write it down.',
            TakeBracesOff::FilledAtNoKnownTime => 'Nobody wrote down when it was filled, so no clock runs. Scratch it with a nail: only what is '
                .'hard lets go of its braces. '
                .'Then write it down.',
        };
    }
}
