<?php

declare(strict_types=1);

namespace Aequus\Guide\Footing;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Logbook\Footing\Finding;
use Aequus\Plan\Holding\Hold;
use Aequus\Site\Phase;
use Aequus\Site\ShortenedPosts;
use Aequus\Site\SiteState;

/** A hole that stops short is deepened before anything is put into it. */
enum DeepenShortHoles implements Says
{
    case DriveDeeper;
    case DigDeeper;
    case SettleRock;

    case NotDrivenFarEnough;
    case ShortenedSoFar;
    case NotDeepEnough;
    case WaysPastRock;

    case Further;
    case AreMissing;
    case MoreToCleanGround;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
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
                Phase::Footing, Fact::of($isDriven ? self::DriveDeeper : ($isOnRock ? self::SettleRock : self::DigDeeper), post: $post), [
                    Fact::of(
                        $isDriven ? self::NotDrivenFarEnough : self::NotDeepEnough, depth: $hole->required->need->ground->minus($hole->bottom),
                        required: $hole->required->holeDepth(),
                        rule: $hole->required->governing,
                    ),
                    ...($isOnRock ? [Fact::of(self::WaysPastRock)] : []),
                    ...($shortened === null || $shortened->posts === [] ? [] : [
                        Fact::of(self::ShortenedSoFar, count: count($shortened->posts), most: $shortened->most),
                    ]),
                ],
                $hole->shortBy, Fact::of($isDriven ? self::Further : ($isOnRock ? self::AreMissing : self::MoreToCleanGround)), [$post],
                EntryKind::Hole,
            );
        }
    }
}
