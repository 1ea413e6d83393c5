<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Clear;

use Aequus\Guide\Clear\WaitForMarks;

final class WaitForMarksWords
{
    public static function of(WaitForMarks $is): string
    {
        return match ($is) {
            WaitForMarks::WaitForMarks => 'Wait for the utility marks',
            WaitForMarks::AskedOn => 'Asked on {asked}, {days: # working day|# working days}: digging may begin on {from}, once every utility '
                .'has answered. '
                .'Public holidays count extra.',
        };
    }
}
