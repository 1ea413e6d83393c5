<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

/** Why a plan can’t be placed. */
enum PlacementRefusal
{
    case FactorOfNothing;
    case FewerThanTwoPoints;
    case AllPointsAreOne;
}
