<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Square;

use Aequus\Guide\Square\SettleLines;

final class SettleLinesWords
{
    public static function of(SettleLines $is): string
    {
        return match ($is) {
            SettleLines::SettleLines => 'Find out which is true: {lines}',
            SettleLines::LinesDisagree => 'Measured from the stakes, {lines} do not lie to each other as the plan has them; either may be wrong. '
                .'Measure between them, correct the plan, or only keep a distance from one of them. '
                .'While this stands nothing is judged by a line.',
        };
    }
}
