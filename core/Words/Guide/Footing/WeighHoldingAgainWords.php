<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Footing;

use Aequus\Guide\Footing\WeighHoldingAgain;

final class WeighHoldingAgainWords
{
    public static function of(WeighHoldingAgain $is): string
    {
        return match ($is) {
            WeighHoldingAgain::WeighHoldingAgain => 'Weigh width and way of holding again',
            WeighHoldingAgain::SoilFound => 'At the bottom {found} was found at {post}, {assumed} was assumed.',
            WeighHoldingAgain::FootMustBeWider => 'It carries less, so the foot must be wider.',
            WeighHoldingAgain::SuitsBestNow => 'What suits it best now: {hold}.',
            WeighHoldingAgain::DecideAnew => 'Decide again for the soil there is, or keep both with a reason.',
        };
    }
}
