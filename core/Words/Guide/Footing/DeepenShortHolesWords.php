<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Footing;

use Aequus\Guide\Footing\DeepenShortHoles;

final class DeepenShortHolesWords
{
    public static function of(DeepenShortHoles $is): string
    {
        return match ($is) {
            DeepenShortHoles::DriveDeeper => 'Drive {post} deeper',
            DeepenShortHoles::DigDeeper => 'Dig {post} deeper',
            DeepenShortHoles::SettleRock => 'Settle what to do about the rock in {post}',
            DeepenShortHoles::NotDrivenFarEnough => 'It went {depth} into the ground and must go {required}: {rule}.',
            DeepenShortHoles::ShortenedSoFar => '{count: One was|# were} shortened so far; the sheet lets {most} be.',
            DeepenShortHoles::NotDeepEnough => 'It is {depth} deep and must be {required}: {rule}.',
            DeepenShortHoles::WaysPastRock => 'Break it and dig on, move or widen the foot, or take it shorter: what each costs stands beside the '
                .'hole.',
            DeepenShortHoles::Further => 'further',
            DeepenShortHoles::AreMissing => 'are missing',
            DeepenShortHoles::MoreToCleanGround => 'more, to clean ground',
        };
    }
}
