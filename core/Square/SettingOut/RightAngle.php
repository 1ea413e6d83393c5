<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;

/** The largest 3-4-5 triangle that fits inside two legs: lay off the two marks, and the tape between them must read the third. */
final readonly class RightAngle
{
    private function __construct(
        public int $multiple,
        public Length $onX,
        public Length $onY,
        public Length $across,
    ) {
    }

    /** Null when not even 3 and 4 units fit. With equal multiples both ways round the 3 goes on the x leg. */
    public static function largest(Length $legX, Length $legY, Length $unit): ?self
    {
        $fits = fn (int $onX, int $onY): int => min(
            intdiv($legX->nanometres, $onX * $unit->nanometres), intdiv($legY->nanometres, $onY * $unit->nanometres),
        );
        [$threeOnX, $fourOnX] = [$fits(3, 4), $fits(4, 3)];
        $k = max($threeOnX, $fourOnX);
        if ($k < 1) {
            return null;
        }
        [$x, $y] = $threeOnX >= $fourOnX ? [3, 4] : [4, 3];

        return new self($k, $unit->times($x * $k), $unit->times($y * $k), $unit->times(5 * $k));
    }
}
