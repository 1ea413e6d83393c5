<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** What a tape can be trusted to: the standard deviation of one distance is √(a² + (b·d)²). */
enum TapeClass: string
{
    case SteelWithCare = 'steel_with_care';
    case Steel = 'steel';
    case Fibreglass = 'fibreglass';
    case LaserMeter = 'laser_meter';

    /** Of one reading of a distance, in millimetres. */
    public function sigma(Length $distance): float
    {
        [$constant, $proportional] = match ($this) {
            self::SteelWithCare => [0.8, 5e-5],
            self::Steel => [1.5, 1e-4],
            self::Fibreglass => [3.0, 3e-4],
            self::LaserMeter => [1.5, 5e-5],
        };

        return hypot($constant, $proportional * $distance->inMillimetres());
    }
}
