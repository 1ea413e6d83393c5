<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\KeepTopInItsBand;

final class KeepTopInItsBandWords
{
    public static function of(KeepTopInItsBand $is): string
    {
        return match ($is) {
            KeepTopInItsBand::MeasureTopOver => 'Measure the top of {post} over {line}',
            KeepTopInItsBand::LiftInTheHole => 'Lift {post}',
            KeepTopInItsBand::LowerInTheHole => 'Lower {post}',
            KeepTopInItsBand::HeightStaysOut => 'Decide about {post}: its height is out of the rule',
            KeepTopInItsBand::TopByRule => 'The rule wants {least} to {most} over {line}. Hold a level across from the post’s top and measure down '
                .'to {line}: '
                .'it should read {planned}.',
            KeepTopInItsBand::TopOutOfItsBand => 'As it stands it comes to {height} over {line}; the rule lets it be {least} to {most}.',
            KeepTopInItsBand::LiftOnGravel => 'Tamp gravel under its foot or take some out, plumb it, and measure again.',
            KeepTopInItsBand::StraightUp => 'straight up',
        };
    }
}
