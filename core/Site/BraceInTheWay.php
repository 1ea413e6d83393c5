<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Measure\Length;
use Aequus\Measure\Vector;
use Aequus\Plan\Place\Brace;
use Aequus\Plan\Place\BraceKind;
use Aequus\Plan\Place\FittingThing;
use Aequus\Plan\Place\MustFit;
use Aequus\Plan\Place\Segment;
use Aequus\Plan\Place\SiteKind;
use Aequus\Plan\Place\SiteObject;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Terms\Point;
use Aequus\Plan\Terms\Side;

/**
 * A tie, a knee or a prop that stands where something passes: a machine, the leaf of a gate, a head over the last rung, a throw, a path, a door; and
 * the heights, the leg and the sides with which it would not. The ground counts as level between the two posts.
 */
final readonly class BraceInTheWay
{
    /** What stays free before a door, mm. */
    private const BEFORE_A_DOOR = 1000.0;

    private const HAIR = 1e-6;

    /**
     * @param  MustFit|SiteObject  $thing  what it blocks
     * @param  ?Length  $above  least height at which it would not; null where there is none on the post
     * @param  ?Length  $below  greatest height at which it would not
     * @param  ?Length  $leg  longest reach with which it would not, at the height it has
     * @param  list<Side>  $sides  on which a prop would not
     */
    private function __construct(
        public Brace $brace, public Post $post, public MustFit|SiteObject $thing, public ?Length $above, public ?Length $below, public ?Length $leg,
        public array $sides,
    ) {
    }

    /** @return list<self> each with the first thing it blocks */
    public static function all(Plan $plan): array
    {
        $all = [];
        foreach ($plan->braces as $brace) {
            $blocked = self::blocked($plan, $brace);
            $post = $plan->grid->find($brace->post);
            if ($blocked === null || $post === null) {
                continue;
            }
            $free = fn (Brace $other): bool => self::blocked($plan, $other) === null;
            [$above, $below, $leg] = $brace->kind === BraceKind::Prop ? [null, null, null] : self::otherwise($plan, $brace, $free);
            $all[] = new self(
                $brace, $post, $blocked, $above, $below, $leg,
                $brace->kind !== BraceKind::Prop ? []
                    : array_values(array_filter(Side::cases(), fn (Side $side) => $free($brace->standingToward($side)))),
            );
        }

        return $all;
    }

    /**
     * @param  callable(Brace): bool  $free
     * @return array{?Length, ?Length, ?Length} higher, lower, shorter
     */
    private static function otherwise(Plan $plan, Brace $brace, callable $free): array
    {
        $heights = $legs = [];
        foreach ($plan->openings() as $thing) {
            $heights[] = self::from($thing) - ($brace->kind === BraceKind::Knee ? $brace->reach->inMillimetres() : 0.0);
            // What is kept free to the top of the posts leaves no height above it.
            $heights[] = $thing->thing->high?->inMillimetres() ?? 0.0;
            [$near, $far] = self::band($thing);
            // A knee passes over a corner of what must pass: as much lower on its post as that corner lies away from it.
            foreach ($brace->kind === BraceKind::Knee ? [$near, $thing->from->at->distanceTo($thing->to->at)->inMillimetres() - $far] : [] as $away) {
                $heights[] = self::upTo($thing, $plan) - $away;
                $legs[] = $away;
            }
        }
        $fits = array_filter(
            array_map(Length::millimetres(...), array_filter($heights, fn (float $mm) => $mm > 0.0 && $mm <= $plan->standing->inMillimetres())),
            fn (Length $high) => $free($brace->at($high)),
        );
        $higher = array_filter($fits, fn (Length $high) => $high->isLongerThan($brace->high));
        $lower = array_filter($fits, fn (Length $high) => $high->isShorterThan($brace->high));
        $shorter = array_filter(
            array_map(Length::millimetres(...), array_filter($legs, fn (float $mm) => $mm > 0.0)),
            fn (Length $leg) => $leg->isShorterThan($brace->reach) && $free($brace->reaching($leg)),
        );

        return [self::least($higher), self::most($lower), self::most($shorter)];
    }

    /** @param  array<Length>  $lengths */
    private static function least(array $lengths): ?Length
    {
        return $lengths === [] ? null : Length::nanometres(min(array_map(fn (Length $one) => $one->nanometres, $lengths)));
    }

    /** @param  array<Length>  $lengths */
    private static function most(array $lengths): ?Length
    {
        return $lengths === [] ? null : Length::nanometres(max(array_map(fn (Length $one) => $one->nanometres, $lengths)));
    }

    /** The first thing it blocks; null where it blocks nothing. */
    private static function blocked(Plan $plan, Brace $brace): MustFit|SiteObject|null
    {
        $post = $plan->grid->find($brace->post);
        $end = $post === null ? null : self::end($plan, $brace, $post);
        if ($post === null || $end === null) {
            return null;
        }
        foreach ($plan->openings() as $thing) {
            if (self::isCrossed($plan, $thing, $brace, $post->at->inMillimetres(), $end)) {
                return $thing->thing;
            }
        }
        $foot = new Segment($post->at, new Point(Length::millimetres($end->x), Length::millimetres($end->y)));
        foreach ($brace->kind === BraceKind::Prop ? $plan->site : [] as $object) {
            if (self::standsOn($object, $foot)) {
                return $object;
            }
        }

        return null;
    }

    /** Where it ends on the plan; null where its other post is gone. */
    private static function end(Plan $plan, Brace $brace, Post $post): ?Vector
    {
        $at = $post->at->inMillimetres();
        $other = $brace->to === null ? null : $plan->grid->find($brace->to)?->at->inMillimetres();
        if ($brace->kind === BraceKind::Prop) {
            $along = Vector::toward($plan->turnOf($post->id))->times($brace->toward?->sign() ?? 1);

            return $at->plus(($brace->toward?->isAlongX() ? $along : $along->left())->times($brace->reach->inMillimetres()));
        }

        return match (true) {
            $other === null => null,
            $brace->kind === BraceKind::Tie => $other,
            default => $at->plus($other->minus($at)->unit()->times($brace->reach->inMillimetres())),
        };
    }

    /** Whether it runs through what a thing passes: beside its posts, over its width, and between its heights, all at one place. */
    private static function isCrossed(Plan $plan, FittingThing $thing, Brace $brace, Vector $from, Vector $to): bool
    {
        [$first, $last] = [$thing->from->at->inMillimetres(), $thing->to->at->inMillimetres()];
        $along = $last->minus($first)->unit();
        $thick = $plan->sectionOf($thing->from)->thicker()->inMillimetres() / 2;
        [$near, $far] = self::band($thing);
        $start = $brace->high->inMillimetres();
        $end = match ($brace->kind) {
            BraceKind::Tie => $start, BraceKind::Knee => $start + $brace->reach->inMillimetres(), BraceKind::Prop => 0.0
        };
        [$least, $most] = [0.0, 1.0];
        foreach ([
            [$along->dot($from->minus($first)), $along->dot($to->minus($first)), $near, $far],
            [$along->cross($from->minus($first)), $along->cross($to->minus($first)), -$thick, $thick],
            [$start, $end, self::from($thing), self::upTo($thing, $plan)],
        ] as [$at, $then, $low, $high]) {
            $run = $then - $at;
            if (abs($run) < self::HAIR) {
                if ($at < $low + self::HAIR || $at > $high - self::HAIR) {
                    return false;
                }

                continue;
            }
            [$one, $other] = [($low - $at) / $run, ($high - $at) / $run];
            [$least, $most] = [max($least, min($one, $other)), min($most, max($one, $other))];
        }

        return $most - $least > self::HAIR;
    }

    /** Whether a prop stands on a path or water, through a wall, or before a door. */
    private static function standsOn(SiteObject $object, Segment $foot): bool
    {
        $nearest = null;
        foreach ($object->pieces() as $piece) {
            $distance = $piece->distanceToPiece($foot);
            $nearest = $nearest === null || $distance->isShorterThan($nearest) ? $distance : $nearest;
        }

        return match ($object->kind) {
            SiteKind::Door => $nearest !== null && $nearest->inMillimetres() < self::BEFORE_A_DOOR,
            SiteKind::Drive, SiteKind::Road, SiteKind::House, SiteKind::Structure, SiteKind::Wet, SiteKind::Boundary => $nearest?->isZero()
                || $object->holds($foot->to),
            default => false,
        };
    }

    /** @return array{float, float} between what distances from its first post a thing passes, mm: its width with the room on either side, in the middle of what is clear */
    private static function band(FittingThing $thing): array
    {
        $half = ($thing->thing->width->inMillimetres()) / 2 + $thing->thing->margin->inMillimetres();

        return [$thing->middle - $half, $thing->middle + $half];
    }

    private static function from(FittingThing $thing): float
    {
        return $thing->thing->low?->inMillimetres() ?? -1.0;
    }

    private static function upTo(FittingThing $thing, Plan $plan): float
    {
        return $thing->thing->high?->inMillimetres() ?? $plan->standing->inMillimetres();
    }
}
