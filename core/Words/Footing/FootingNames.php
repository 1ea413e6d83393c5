<?php

declare(strict_types=1);

namespace Aequus\Words\Footing;

use Aequus\Footing\Depths\DepthRule;
use UnitEnum;

/** What cases of this floor are called. */
final class FootingNames
{
    public static function of(UnitEnum $case): ?string
    {
        return match ($case) {
            DepthRule::Frost => 'frost line and margin',
            DepthRule::Embedment => 'least embedment below finished grade',
            DepthRule::EmbedmentToday => 'least embedment in today’s ground',
            DepthRule::LocalMinimum => 'local minimum',
            DepthRule::MakerMinimum => 'maker’s minimum',
            DepthRule::Thing => 'what this job asks of its posts',
            DepthRule::Sideways => 'load from the side',
            DepthRule::Role => 'deeper for its role',
            DepthRule::CommonPlane => 'its feet share one plane',
            DepthRule::Asked => 'the plane asked for',
            DepthRule::WholeTube => 'its tube stands as long as it is sold',
            default => null,
        };
    }
}
