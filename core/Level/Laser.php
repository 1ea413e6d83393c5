<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Measure\Length;

/** A rotating laser with a rod: what one reading can be trusted to. */
final class Laser
{
    private const BEAM_PER_DISTANCE = 1.0e-4;

    private const READING_MILLIMETRES = 1.0;

    private const USUAL_DISTANCE_MILLIMETRES = 15_000;

    /** Standard deviation of one rod reading in millimetres; 15 m when the distance to the instrument is not known. */
    public static function sigma(?Length $distance = null): float
    {
        return hypot(self::BEAM_PER_DISTANCE * ($distance?->inMillimetres() ?? self::USUAL_DISTANCE_MILLIMETRES), self::READING_MILLIMETRES);
    }
}
