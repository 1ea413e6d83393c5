<?php

declare(strict_types=1);

namespace Aequus\Words\Guide\Level;

use Aequus\Guide\Level\CheckGround;

final class CheckGroundWords
{
    public static function of(CheckGround $is): string
    {
        return match ($is) {
            CheckGround::TurnOneHop => 'Read one hop again, the spirit level turned end for end',
            CheckGround::ReadFromAnotherSetUp => 'Read the rod on {post} again, from set-up {set_up}',
            CheckGround::SetUpElsewhere => 'Set up elsewhere: the rod on {benchmark}, then on {post}',
            CheckGround::HopOnceMore => 'Hop to {post} once more, from another point',
            CheckGround::ReadFromSecondToo => 'Read the rod at {post} from set-up {set_up} too',
            CheckGround::SetUpOnceMore => 'Set up once more, elsewhere: the rod on {benchmark}',
            CheckGround::LevelMisses => 'The way round misses by more than the level should. Either it is out of true, or one hop is wrong; '
                .'a hop the other way round tells which.',
            CheckGround::NamedLevelMisses => 'The way round misses by more than the level “{level}” should. Either it is out of true, or one '
                .'hop is wrong; '
                .'a hop the other way round tells which.',
            CheckGround::StandsAbove => '{post} stands {off} above what the others say.',
            CheckGround::StandsBelow => '{post} stands {off} below what the others say.',
            CheckGround::AnotherSetUpShows => 'If the ground really lies so, another set-up shows it.',
            CheckGround::CallItSetUp => 'Call it set-up {set_up}.',
            CheckGround::GroundTooRough => 'The ground is too rough to show a misread rod.',
            CheckGround::PostsInOneRow => 'Posts in one row can’t show a misread rod.',
            CheckGround::TooFewPosts => 'So few posts can’t show a misread rod.',
            CheckGround::SecondWayChecks => 'Depths rest on its height: a second way there checks it.',
            CheckGround::TwoSetUpsCheck => 'Depths rest on its height: two set-ups check each other.',
            CheckGround::SecondSetUpChecks => 'Depths rest on these heights: a second set-up, or a hop with a board, checks them.',
            CheckGround::AboveTheOthers => 'above the others',
            CheckGround::BelowTheOthers => 'below the others',
        };
    }
}
