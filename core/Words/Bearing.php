<?php

declare(strict_types=1);

namespace Aequus\Words;

use Aequus\Plan\Terms\Side;
use Aequus\Plan\Terms\SideNames;

/** Directions round a pole in the job’s own words: the four sides and half-way between two of them. */
final class Bearing
{
    /** Degrees from +x toward +y. */
    public const EIGHTHS = [0, 45, 90, 135, 180, 225, 270, 315];

    /** @return array<int, string> in words, by degrees from +x toward +y */
    public static function all(SideNames $names): array
    {
        [$x, $y, $backX, $backY] = array_map($names->nameOf(...), [Side::PlusX, Side::PlusY, Side::MinusX, Side::MinusY]);

        return [
            0 => $x, 45 => "{$x} and {$y}", 90 => $y, 135 => "{$backX} and {$y}", 180 => $backX, 225 => "{$backX} and {$backY}", 270 => $backY,
            315 => "{$x} and {$backY}",
        ];
    }

    public static function inWords(float $bearing, SideNames $names): string
    {
        $eighth = (int) round(fmod($bearing + 720.0, 360.0) / 45) % 8 * 45;

        return 'toward '.self::all($names)[$eighth];
    }
}
