<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Beside;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\MoveKind;
use Aequus\Guide\Move\MoveWhy;
use Aequus\Guide\Move\Rule;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\Finding;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\ShortenedPosts;
use Aequus\Site\SiteState;

/** A hole that stops short is deepened before anything is put into it. */
final readonly class DeepenShortHoles implements Rule
{
    public function moves(SiteState $site): iterable
    {
        foreach ($site->walk() as $post) {
            $hole = $site->footing->asDug($post);
            if ($hole === null || $hole->serves() || $site->standing($post)->set || $site->isShortHoleSettled($post)) {
                continue;
            }
            $isDriven = $site->plan->holdOf($post->id) === Hold::Driven;
            $isOnRock = $hole->found === Finding::Rock && ! $isDriven;
            $shortened = ShortenedPosts::in($site);
            yield new Move(
                Phase::Footing, Fact::of($isDriven ? MoveKind::DriveDeeper : ($isOnRock ? MoveKind::SettleRock : MoveKind::DigDeeper), post: $post), [
                    Fact::of(
                        $isDriven ? MoveWhy::NotDrivenFarEnough : MoveWhy::NotDeepEnough, depth: $hole->required->need->ground->minus($hole->bottom), required: $hole->required->holeDepth(),
                        rule: $hole->required->governing,
                    ),
                    ...($isOnRock ? [Fact::of(MoveWhy::WaysPastRock)] : []),
                    ...($shortened === null || $shortened->posts === [] ? [] : [Fact::of(MoveWhy::ShortenedSoFar, count: count($shortened->posts), most: $shortened->most)]),
                ],
                $hole->shortBy, Fact::of($isDriven ? Beside::Further : ($isOnRock ? Beside::AreMissing : Beside::MoreToCleanGround)), [$post], EntryKind::Hole,
            );
        }
    }
}
