<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\FurtherDistances;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Placement\Tells;
use Aequus\Adjust\Solve\ErrorEllipse;
use Aequus\Plan\Plan;
use Aequus\Plan\Posts\Post;
use Aequus\Plan\Posts\PostId;
use Aequus\Square\Network\PlanNetwork;

/**
 * What ties a further part to the others, however good its own tapes are: from its two stakes furthest apart two tapes each to stakes of other parts,
 * so that they cross well.
 */
final class PartTies
{
    /** So many tapes more, for each further part, may be asked for to prove it. */
    private const MORE = 8;

    /** So many of the nearest stakes are looked at. */
    private const NEAREST = 8;

    /** @return list<array{Post, Post}> from a stake of a part to one of another */
    public static function of(Plan $plan): array
    {
        $ties = [];
        foreach ($plan->parts as $part) {
            $others = array_values(array_filter($plan->grid->posts, fn (Post $post) => ! in_array($post, $part->posts, true)));
            foreach (self::furthestApart($part->posts) as $post) {
                foreach (self::crossing($post, $others, $plan->layout->reach->nanometres ?? PHP_INT_MAX) as $other) {
                    $ties[] = [$post, $other];
                }
            }
        }

        return $ties;
    }

    public static function most(Plan $plan): int
    {
        return self::MORE * count($plan->parts);
    }

    /**
     * The tape that tells most while the place or the turn of a part is not proved by the planning rule.
     *
     * @param  ?AdjustedNetwork  $planned  what the readings would prove; null where they leave a stake free
     * @param  list<Reading>  $readings
     * @return ?array{Post, Post} null where every stake of the parts is proved, or no tape is left that this list does not have
     */
    public static function further(PlanNetwork $network, ?AdjustedNetwork $planned, array $readings): ?array
    {
        $plan = $network->plan;
        if ($planned === null) {
            return null;
        }
        $moves = $network->moves($planned, $readings, $network->way());
        $tolerance = $plan->tolerances->squareness->inMillimetres();
        if (array_filter($plan->grid->added, fn (Post $post) => ErrorEllipse::RING * $moves->counted[$post->id->value]->major > $tolerance) === []) {
            return null;
        }
        $tells = Tells::ofAll(
            $planned, $moves, new FurtherDistances($planned->at, $readings, $plan->layout->tape, $plan->layout->reach?->inMillimetres()),
        );
        [$from, $to] = $tells === null ? [null, null] : [$plan->grid->find(PostId::of($tells->from)), $plan->grid->find(PostId::of($tells->to))];

        return $from === null || $to === null ? null : [$from, $to];
    }

    /**
     * @param  non-empty-list<Post>  $posts
     * @return non-empty-list<Post> two, or the only one
     */
    private static function furthestApart(array $posts): array
    {
        [$pair, $apart] = [[$posts[0]], -1];
        foreach ($posts as $i => $one) {
            foreach (array_slice($posts, $i + 1) as $other) {
                $distance = $one->at->distanceTo($other->at)->nanometres;
                [$pair, $apart] = $distance > $apart ? [[$one, $other], $distance] : [$pair, $apart];
            }
        }

        return $pair;
    }

    /**
     * @param  list<Post>  $others
     * @return list<Post> the nearest, and of the others near by the one whose tape crosses the first best
     */
    private static function crossing(Post $post, array $others, int $reach): array
    {
        $others = array_values(array_filter($others, fn (Post $other) => $post->at->distanceTo($other->at)->nanometres <= $reach));
        usort($others, fn (Post $one, Post $other) => $post->at->distanceTo($one->at)->nanometres <=> $post->at->distanceTo($other->at)->nanometres);
        if (count($others) < 2) {
            return $others;
        }
        $toward = fn (Post $other) => $other->at->inMillimetres()->minus($post->at->inMillimetres())->unit();
        [$first, $best, $widest] = [$toward($others[0]), $others[1], -1.0];
        foreach (array_slice($others, 1, self::NEAREST) as $other) {
            $angle = abs($first->cross($toward($other)));
            [$best, $widest] = $angle > $widest + 1e-9 ? [$other, $angle] : [$best, $widest];
        }

        return [$others[0], $best];
    }
}
