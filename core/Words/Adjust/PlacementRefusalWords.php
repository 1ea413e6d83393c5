<?php

declare(strict_types=1);

namespace Aequus\Words\Adjust;

use Aequus\Adjust\Placement\PlacementRefusal;

/** What was wrong, and what to do instead. */
final class PlacementRefusalWords
{
    public static function of(PlacementRefusal $is): string
    {
        return match ($is) {
            PlacementRefusal::FactorOfNothing => 'A factor between grid and ground is above zero, and near 1.',
            PlacementRefusal::FewerThanTwoPoints => 'Two points at least are known on the plan and in the world.',
            PlacementRefusal::AllPointsAreOne => 'The common points are one and the same: take some that stand far apart.',
        };
    }
}
