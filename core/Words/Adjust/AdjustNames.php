<?php

declare(strict_types=1);

namespace Aequus\Words\Adjust;

use Aequus\Adjust\Placement\PlacementWay;
use UnitEnum;

/** What cases of this floor are called. */
final class AdjustNames
{
    public static function of(UnitEnum $case): ?string
    {
        return match ($case) {
            PlacementWay::BaseLine => 'base line',
            PlacementWay::BestFit => 'best fit',
            PlacementWay::FewestMoves => 'fewest moves',
            PlacementWay::Held => 'the posts that are set',
            PlacementWay::ByLine => 'the line',
            default => null,
        };
    }

    /** How a layout is judged. */
    public static function judged(PlacementWay $way): string
    {
        return match ($way) {
            PlacementWay::BaseLine => 'from the base line',
            PlacementWay::BestFit => 'by best fit',
            PlacementWay::FewestMoves => 'by fewest moves',
            PlacementWay::Held => 'by the posts that are set',
            PlacementWay::ByLine => 'by the line',
        };
    }
}
