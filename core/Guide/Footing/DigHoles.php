<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\JobKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The holes, in walking order, each with its depth from today’s ground. */
enum DigHoles implements Says
{
    case DigHole;
    case EmptySocket;
    case DrivePost;

    case ToTheCleanBottom;
    case ToItsFoot;
    case LevelWithTheFirst;
    case WhatGoverns;
    case MetBesideIt;

    case Deep;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $required = $site->footing->required($post);
            if ($required === null || $site->footing->asDug($post) !== null) {
                continue;
            }
            $beside = array_map(
                fn (HoleAsDug $hole) => Fact::of(self::MetBesideIt, post: $hole->required->post, found: $hole->found),
                $site->footing->foundBeside($post, $site->plan->grid->posts),
            );
            $isDug = $site->plan->holdOf($post->id)->isDug();
            $lead = $isDug ? null : $site->footing->firstDriven()?->required->post;
            yield new Move(
                Phase::Footing, Fact::of(match (true) {
                    ! $isDug => self::DrivePost,
                    $site->plan->kind === JobKind::SocketRepair => self::EmptySocket,
                    default => self::DigHole,
                }, post: $post), [
                    Fact::of($isDug ? self::ToTheCleanBottom : self::ToItsFoot),
                    ...($lead === null ? [] : [Fact::of(self::LevelWithTheFirst, post: $lead)]),
                    Fact::of(self::WhatGoverns, rule: $required->governing),
                    ...$beside,
                ],
                $site->footing->toReach($post), Fact::of(self::Deep), [$post], EntryKind::Hole,
            );
        }
    }
}
