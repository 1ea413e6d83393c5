<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Plan\Posts\Post;

/** Readings in an order that needs few steps: from where one stands the nearest end of any that is left, shorter ones first. */
final class WalkingOrder
{
    /**
     * @param  list<Wanted>  $readings
     * @return list<Wanted> tapes turned so that they begin where the one before ended, as near as may be
     */
    public static function of(array $readings, Post $start): array
    {
        $ends = array_map(
            fn (Wanted $wanted) => array_map(self::place(...), $wanted->isTape() ? $wanted->posts() : [$wanted->posts()[0]]), $readings,
        );
        $lengths = array_map(fn (Wanted $wanted) => $wanted->isTape() ? $wanted->planned()->inMillimetres() : 0.0, $readings);
        $ordered = [];
        [$x, $y] = self::place($start);
        while ($ends !== []) {
            [$next, $end, $least] = [0, 0, INF];
            foreach ($ends as $i => $places) {
                foreach ($places as $e => [$atX, $atY]) {
                    // A step weighs so much more than the tape itself that length only decides between readings that begin at one place;
                    // the very first one runs along the base line.
                    $aside = $ordered === [] && isset($places[1]) ? 10 * abs($places[1 - $e][1] - $atY) : 0.0;
                    $cost = hypot($atX - $x, $atY - $y) + 1e-6 * ($lengths[$i] + $aside);
                    if ($cost < $least) {
                        [$next, $end, $least] = [$i, $e, $cost];
                    }
                }
            }
            $ordered[] = $end === 0 ? $readings[$next] : $readings[$next]->turned();
            [$x, $y] = $ends[$next][$readings[$next]->isTape() ? 1 - $end : 0];
            unset($ends[$next]);
        }

        return $ordered;
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

    /** @return array{float, float} */
    private static function place(Post $post): array
    {
        return [$post->at->x->inMillimetres(), $post->at->y->inMillimetres()];
    }
}
