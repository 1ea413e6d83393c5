<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Point;

/**
 * The two axes of a plan as a total station knows them once it lies in the world: what it says of a stake is how far that stands off each. Nobody
 * draws them, and the plan is not laid by them; they are there for readings that came in from a file.
 */
final class StationLine
{
    /** Along x: off it a stake’s y is read. */
    public const ALONG_X = 'station-x';

    /** Along y: off it a stake’s x is read, left of it negative. */
    public const ALONG_Y = 'station-y';

    public static function of(string $id): ?FixedLine
    {
        $axis = fn (float $x, float $y, string $name): FixedLine => new FixedLine(
            $id, $name, new Point(Length::zero(), Length::zero()), new Point(Length::millimetres($x), Length::millimetres($y)), FixedKind::String,
        );

        return match ($id) {
            self::ALONG_X => $axis(1000.0, 0.0, 'total station, y'),
            self::ALONG_Y => $axis(0.0, 1000.0, 'total station, x'),
            default => null,
        };
    }
}
