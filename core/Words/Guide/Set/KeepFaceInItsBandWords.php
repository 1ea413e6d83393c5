<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Set;

use Aequus\Guide\Set\KeepFaceInItsBand;

final class KeepFaceInItsBandWords
{
    public static function of(KeepFaceInItsBand $is): string
    {
        return match ($is) {
            KeepFaceInItsBand::ShiftInTheHole => 'Shift {post}',
            KeepFaceInItsBand::FaceStaysOut => 'Decide about {post}: its face is out of the rule',
            KeepFaceInItsBand::FaceByRule => 'The rule lets the face stand {least} to {most} off {line}, and the centre stands {reach} behind it. '
                .'Square to the edge, to the '
                .'middle of the post or its stake, it should read {planned}.',
            KeepFaceInItsBand::FaceOutOfItsBand => 'Its face stands {setback} off {line}; the rule lets it stand {least} to {most}.',
            KeepFaceInItsBand::NoPlaceKeepsCover => 'In a hole so narrow no place leaves the post its cover: widen the hole first.',
            KeepFaceInItsBand::HoleLetsItNoFurther => 'The hole lets it go no further with its cover: {still} stays out. Widen the hole, or ask '
                .'whether it may stay.',
        };
    }
}
