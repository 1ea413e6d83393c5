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
}
