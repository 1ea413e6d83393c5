<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\PlanRefused;

/** Surfaced softwood is thinner than its name: American Softwood Lumber Standard PS 20, dry sizes. */
final readonly class NominalSize
{
    private const ACTUAL_INCHES = [1 => 0.75, 2 => 1.5, 3 => 2.5, 4 => 3.5, 5 => 4.5, 6 => 5.5, 8 => 7.25, 10 => 9.25, 12 => 11.25];

    /** @throws PlanRefused when no such size is sold */
    public static function actual(int $nominalInches): Length
    {
        return Length::inches(self::ACTUAL_INCHES[$nominalInches] ?? throw PlanRefused::unknownNominalSize($nominalInches));
    }
}
