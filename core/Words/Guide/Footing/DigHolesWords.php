<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Footing;

use Aequus\Guide\Footing\DigHoles;

final class DigHolesWords
{
    public static function of(DigHoles $is): string
    {
        return match ($is) {
            DigHoles::DigHole => 'Dig hole {post}',
            DigHoles::EmptySocket => 'Empty the socket at {post}',
            DigHoles::DrivePost => 'Drive post {post}',
            DigHoles::ToTheCleanBottom => 'From today’s ground to the clean bottom.',
            DigHoles::ToItsFoot => 'From today’s ground to its foot; plumb it every few blows.',
            DigHoles::LevelWithTheFirst => 'So deep its top comes level with {post}’s, if the posts are alike.',
            DigHoles::WhatGoverns => 'What makes it so deep: {rule}.',
            DigHoles::MetBesideIt => '{post} beside it met {found}.',
            DigHoles::Deep => 'deep',
        };
    }
}
