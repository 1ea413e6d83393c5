<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Measure\Vector;
use Aequus\Plan\Posts\Post;

/** Readings in an order that needs few steps: from where one stands the nearest end of any that is left, shorter ones first. */
final class WalkingOrder
{
    /** A step weighs so much more than the tape itself that length only decides between readings that begin at one place. */
    private const LENGTH_WEIGHS = 1e-6;

    /**
     * @param  list<Wanted>  $readings
     * @return list<Wanted> tapes turned so that they begin where the one before ended, as near as may be
     */
    public static function of(array $readings, Post $start): array
    {
        $ends = array_map(
            fn (Wanted $wanted) => array_map(
                fn (Post $post) => $post->at->inMillimetres(), $wanted->isTape() ? $wanted->posts() : [$wanted->posts()[0]],
            ),
            $readings,
        );
        $lengths = array_map(fn (Wanted $wanted) => $wanted->isTape() ? $wanted->planned()->inMillimetres() : 0.0, $readings);
        $waiting = self::byPlace($ends, $lengths);
        $ordered = $taken = [];
        $here = $start->at->inMillimetres();
        while (count($ordered) < count($readings)) {
            [$next, $end] = $ordered === [] ? self::first($ends, $lengths, $here) : self::nearest($waiting, $taken, $here);
            $taken[$next] = true;
            $ordered[] = $end === 0 ? $readings[$next] : $readings[$next]->turned();
            $here = $ends[$next][$readings[$next]->isTape() ? 1 - $end : 0];
        }

        return $ordered;
    }

    /**
     * @param  array<int, list<Vector>>  $ends  by reading
     * @param  array<int, float>  $lengths
     * @return array{int, int} the reading that is begun with, and at which end: the nearest, and one along the base line
     */
    private static function first(array $ends, array $lengths, Vector $from): array
    {
        [$first, $least] = [[0, 0], INF];
        foreach ($ends as $i => $places) {
            foreach ($places as $e => $at) {
                $aside = isset($places[1]) ? 10 * abs($places[1 - $e]->y - $at->y) : 0.0;
                $cost = $at->minus($from)->length() + self::LENGTH_WEIGHS * ($lengths[$i] + $aside);
                [$first, $least] = $cost < $least ? [[$i, $e], $cost] : [$first, $least];
            }
        }

        return $first;
    }

    /**
     * @param  array<string, array{Vector, list<array{float, int, int}>}>  $waiting  by place; what was taken is thrown out on the way
     * @param  array<int, true>  $taken
     * @return array{int, int} the reading whose end is nearest, and which end; of equals the shorter, then the earlier
     */
    private static function nearest(array &$waiting, array $taken, Vector $from): array
    {
        // Where one stands nothing is nearer; only where nothing is left there the others are looked at.
        $here = self::key($from);
        if (isset($waiting[$here]) && self::isLeft($waiting[$here][1], $taken)) {
            [, $i, $e] = $waiting[$here][1][count($waiting[$here][1]) - 1];

            return [$i, $e];
        }
        [$best, $least] = [[0, 0], INF];
        $empty = [];
        foreach ($waiting as $key => &$place) {
            self::isLeft($place[1], $taken);
            if ($place[1] === []) {
                $empty[] = $key;

                continue;
            }
            [$length, $i, $e] = $place[1][count($place[1]) - 1];
            $cost = $place[0]->minus($from)->length() + self::LENGTH_WEIGHS * $length;
            if ($cost < $least || ($cost === $least && [$i, $e] < $best)) {
                [$best, $least] = [[$i, $e], $cost];
            }
        }
        unset($place);
        foreach ($empty as $key) {
            unset($waiting[$key]);
        }

        return $best;
    }

    /**
     * Throws out what was taken.
     *
     * @param  list<array{float, int, int}>  $list
     * @param  array<int, true>  $taken
     */
    private static function isLeft(array &$list, array $taken): bool
    {
        while ($list !== [] && isset($taken[$list[count($list) - 1][1]])) {
            array_pop($list);
        }

        return $list !== [];
    }

    /**
     * @param  array<int, list<Vector>>  $ends  by reading
     * @param  array<int, float>  $lengths
     * @return array<string, array{Vector, list<array{float, int, int}>}> by place: where it is, and the readings that begin there, the first last
     */
    private static function byPlace(array $ends, array $lengths): array
    {
        $waiting = [];
        foreach ($ends as $i => $places) {
            foreach ($places as $e => $at) {
                $waiting[self::key($at)] ??= [$at, []];
                $waiting[self::key($at)][1][] = [$lengths[$i], $i, $e];
            }
        }
        foreach ($waiting as $key => $place) {
            rsort($waiting[$key][1]);
        }

        return $waiting;
    }

    /**
     * Steps between the readings, not along them.
     *
     * @param  list<Wanted>  $readings
     */
    public static function steps(array $readings, Post $start): int
    {
        $steps = 0;
        $here = $start;
        foreach ($readings as $wanted) {
            $steps += $here->at->distanceTo($wanted->posts()[0]->at)->nanometres;
            $here = $wanted->isTape() ? $wanted->ends()->to : $wanted->posts()[0];
        }

        return $steps;
    }

    private static function key(Vector $at): string
    {
        return "{$at->x} {$at->y}";
    }
}
