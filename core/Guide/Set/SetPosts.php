<?php

declare(strict_types=1);

namespace Aequus\Guide\Set;

use Aequus\Fact\Fact;
use Aequus\Guide\Move\Move;
use Aequus\Guide\Move\Says;
use Aequus\Logbook\EntryKind;
use Aequus\Measure\Length;
use Aequus\Plan\Holding\BuildOrder;
use Aequus\Plan\Holding\FillOrder;
use Aequus\Plan\Holding\Hold;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Work\Crew;
use Aequus\Plan\Work\Make;
use Aequus\Set\Lift;
use Aequus\Site\Phase;
use Aequus\Site\SiteState;

/** A post for every hole that is deep enough; on piers once all are poured, and each is hard. */
enum SetPosts implements Says
{
    case SetPost;

    case BoltToItsBase;
    case HangFromItsBeam;
    case TiltItsFrame;
    case SeatOnItsFoot;
    case TreatedUpTo;
    case GaugeOff;
    case TwoBracesFirst;
    case NotForOne;
    case NotForTwo;
    case JoinBothPieces;
    case BetweenTwoStrings;
    case RoughSawnDiffers;
    case AtLeastSoLong;
    case EmbedmentLine;

    case AsItWasCut;
    case LeastLength;

    /** @return iterable<Move> */
    public static function moves(SiteState $site): iterable
    {
        $order = $site->plan->customs()->build;
        $open = $site->plan->customs()->fillOrder === FillOrder::EachAsItStands ? self::standsUnfilled($site) : null;
        $piersOpen = array_filter(
            $site->plan->grid->posts,
            fn (Post $post) => $site->plan->holdOf($post->id) === Hold::Pier && ! $site->filling($post)->isDone() && ! $site->standing($post)->set,
        ) !== [];
        foreach ($site->buildOrder() as $post) {
            $isPier = $site->plan->holdOf($post->id) === Hold::Pier;
            if (
                $site->footing->asDug($post) === null || $site->standing($post)->set
                || ($isPier && ($piersOpen || ! $site->filling($post)->isDone() || ! $site->clock($post)->isHard($site->now)))
            ) {
                continue;
            }
            // Each is filled before the next is stood; a frame stands as a whole.
            if ($open !== null && ! ($order === BuildOrder::FramesTilted && $open->at->x->equals($post->at->x))) {
                continue;
            }
            $foot = $site->footing->foot($post);
            $top = $site->plan->tops?->topOf($post);
            yield new Move(
                Phase::Set, Fact::of(self::SetPost, post: $post), [
                    Fact::of(match (true) {
                        $isPier => self::BoltToItsBase,
                        $order === BuildOrder::BeamsFirst => self::HangFromItsBeam,
                        $order === BuildOrder::FramesTilted => self::TiltItsFrame,
                        default => self::SeatOnItsFoot,
                    }),
                    ...self::made($site->plan, $post),
                    ...self::lifted($site, $post, $foot === null ? null : self::topOf($site, $post)?->minus($foot)),
                    ...self::treatment($site, $post),
                    ...($top === null || $site->cut->isCut($post) ? [] : [Fact::of(self::AtLeastSoLong)]),
                ],
                $top === null || $foot === null ? null : $top->minus($foot), match (true) {
                    $top === null => null,
                    $site->cut->isCut($post) => Fact::of(self::AsItWasCut),
                    default => Fact::of(self::LeastLength),
                }, [$post], EntryKind::PostSet,
            );
        }
    }

    /** As it is planned, or about as high as the posts will stand while no top is decided; null while its ground is not known. */
    private static function topOf(SiteState $site, Post $post): ?Length
    {
        return $site->plan->tops?->topOf($post) ?? $site->footing->required($post)?->need->ground->plus($site->plan->standing);
    }

    /** @return list<Fact> at most one: what its make asks */
    private static function made(Plan $plan, Post $post): array
    {
        $way = $plan->holdOf($post->id);

        return match (true) {
            $plan->work->make === Make::TwoPieces => [Fact::of(self::JoinBothPieces)],
            $plan->work->make === Make::RoughSawn => [Fact::of(self::RoughSawnDiffers)],
            ($plan->post->round || $way === Hold::Driven) && $way !== Hold::Pier
                && count($plan->grid->posts) > 1 => [Fact::of(self::BetweenTwoStrings)],
            default => [],
        };
    }

    /**
     * Whether it is too heavy for who is there; and alone, what holds it meanwhile.
     *
     * @return list<Fact>
     */
    private static function lifted(SiteState $site, Post $post, ?Length $length): array
    {
        $plan = $site->plan;
        $isTimber = $plan->kind->hasTimberPosts() && $plan->holding?->site->wood !== false;
        $lift = $length === null || ! $length->isPositive() || ! $isTimber ? null
            : Lift::ofPost($plan->sectionOf($post), $length, $plan->work->timber);
        $heavy = $lift === null || $lift->isFor($plan->work->crew) ? [] : [
            Fact::of($lift->people() === null ? self::NotForTwo : self::NotForOne, kilograms: (int) round($lift->kilograms)),
        ];
        if ($plan->work->crew !== Crew::Alone) {
            return $heavy;
        }
        $gauges = [];
        foreach ($plan->gauges() as $gauge) {
            foreach ($gauge->between as [$from, $to]) {
                $other = $to->id->equals($post->id) ? $from : ($from->id->equals($post->id) ? $to : null);
                if (! $gauge->isDiagonal && $other !== null && $site->standing($other)->set) {
                    $gauges[] = Fact::of(self::GaugeOff, gauge: $gauge->length, other: $other);
                }
            }
        }

        return [...$heavy, ...($plan->holdOf($post->id)->isBuried() ? [Fact::of(self::TwoBracesFirst)] : []), ...array_slice($gauges, 0, 2)];
    }

    /** The first that stands in an open hole; null where none does. */
    private static function standsUnfilled(SiteState $site): ?Post
    {
        foreach ($site->buildOrder() as $post) {
            if ($site->standing($post)->set && ! $site->isFilled($post) && $site->plan->holdOf($post->id) !== Hold::Driven) {
                return $post;
            }
        }

        return null;
    }

    /** @return list<Fact> what is marked and done on a buried post before it stands */
    private static function treatment(SiteState $site, Post $post): array
    {
        $reach = $site->footing->treatedUpTo($post);
        [$foot, $need] = [$site->footing->foot($post), $site->footing->required($post)?->need];
        $line = $foot === null || $need === null || ! $site->plan->holdOf($post->id)->isBuried() ? []
            : [Fact::of(self::EmbedmentLine, up: $need->ground->minus($foot))];

        return [...$line, ...($reach === null ? [] : [Fact::of(self::TreatedUpTo, reach: $reach, care: $site->plan->holding?->customs->wood)])];
    }
}
