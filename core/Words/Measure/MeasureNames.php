<?php

declare(strict_types=1);

namespace Aequus\Words\Measure;

use Aequus\Measure\TapeClass;
use UnitEnum;

/** What cases of this floor are called. */
final class MeasureNames
{
    public static function of(UnitEnum $case): ?string
    {
        return match ($case) {
            TapeClass::SteelWithCare => 'steel tape, nails and an even pull',
            TapeClass::Steel => 'steel tape',
            TapeClass::Fibreglass => 'fibreglass tape',
            TapeClass::LaserMeter => 'laser meter',
            default => null,
        };
    }
}
