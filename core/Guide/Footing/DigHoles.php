<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Footing\Holes\HoleAsDug;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Plan\JobKind;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** The holes, in walking order, each with its depth from today’s ground. */
final readonly class DigHoles implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $required = $site->footing->required($post);
            if ($required === null || $site->footing->asDug($post) !== null) {
                continue;
            }
            $beside = array_map(
                fn (HoleAsDug $hole) => Fact::of(MoveWhy::MetBesideIt, post: $hole->required->post, found: $hole->found),
                $site->footing->foundBeside($post, $site->plan->grid->posts),
            );
            $isDug = $site->plan->holdOf($post->id)->isDug();
            $lead = $isDug ? null : $site->footing->firstDriven()?->required->post;
            yield new Move(
                Phase::Footing, Fact::of(match (true) {
                    ! $isDug => MoveKind::DrivePost,
                    $site->plan->kind === JobKind::SocketRepair => MoveKind::EmptySocket,
                    default => MoveKind::DigHole,
                }, post: $post), [
                    Fact::of($isDug ? MoveWhy::ToTheCleanBottom : MoveWhy::ToItsFoot),
                    ...($lead === null ? [] : [Fact::of(MoveWhy::LevelWithTheFirst, post: $lead)]),
                    Fact::of(MoveWhy::WhatGoverns, rule: $required->governing),
                    ...$beside,
                ],
                $site->footing->toReach($post), Fact::of(Beside::Deep), [$post], EntryKind::Hole,
            );
        }
    }
}
