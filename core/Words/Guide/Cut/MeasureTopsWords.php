<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Cut;

use Aequus\Guide\Cut\MeasureTops;

final class MeasureTopsWords
{
    public static function of(MeasureTops $is): string
    {
        return match ($is) {
            MeasureTops::MeasureTop => 'Measure {post} above the datum line',
            MeasureTops::MarkAboveTheLine => 'Its mark comes {mark} above the line. Nobody cuts before every top is measured.',
        };
    }
}
