<?php

declare(strict_types=1);

namespace Aequus\Words\Footing;

use Aequus\Footing\Depths\FootingRefusal;

/** What was wrong, where, and what to enter instead. */
final class FootingRefusalWords
{
    public static function of(FootingRefusal $is): string
    {
        return match ($is) {
            FootingRefusal::BellDoesNotFit => 'The bell is higher than the hole is deep, or narrower than the hole. Check its height and width.',
            FootingRefusal::SoldByNothing => 'Posts are sold in steps of a length above zero. Enter the step, such as 2 ft or 600 mm.',
            FootingRefusal::TubeTooNarrow => 'The tube is too narrow for its base: the corners of the base and its edge distance reach '
                .'beyond the concrete. '
                .'Take a wider tube or a smaller base.',
            FootingRefusal::PierInTheGround => 'At {post} the ground is higher than the tops asked for: the pier would end in it. Ask for '
                .'a higher top.',
            FootingRefusal::PierAboveThePost => 'At {post} the pier and its base would reach above the top of the post. Ask for a lower top.',
            FootingRefusal::PlaneTooHigh => 'The level asked for is too high: post {post} needs its foot lower. Ask for a lower plane, or '
                .'leave it empty.',
        };
    }
}
