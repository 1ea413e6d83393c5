<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/**
 * The placement of a design that leaves the most stakes alone: the largest set found that stands within the tolerance. Every ordered pair
 * of stakes proposes a placement, which is refined by best fit over the stakes within it for as long as that gains.
 */
final class FewestMoves
{
    private const MOST_REFINEMENTS = 10;

    /**
     * @param  non-empty-array<string, array{float, float}>  $design  places by name, at least two
     * @param  array<string, array{float, float}>  $stand  where the stakes stand
     * @return array<string, array{float, float}> the move of each stake, x and y by name
     */
    public static function of(array $design, array $stand, float $tolerance): array
    {
        $best = null;
        $names = array_map(strval(...), array_keys($design));
        foreach ($names as $exact) {
            foreach ($names as $toward) {
                if ($exact === $toward) {
                    continue;
                }
                $found = self::refined(Placement::onto($design, $stand, $exact, $toward)->moves($design, $stand), $design, $stand, $tolerance);
                if ($best === null || self::rank($found, $tolerance) < self::rank($best, $tolerance)) {
                    $best = $found;
                }
            }
        }

        return $best ?? array_map(fn () => [0.0, 0.0], $design);
    }

    /**
     * @param  array<string, array{float, float}>  $moves
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     * @return array<string, array{float, float}>
     */
    private static function refined(array $moves, array $design, array $stand, float $tolerance): array
    {
        for ($round = 0; $round < self::MOST_REFINEMENTS; $round++) {
            $alone = self::leftAlone($moves, $tolerance);
            if (count($alone) < 2) {
                break;
            }
            $next = Placement::bestFit($design, $stand, array_map(strval(...), array_keys($alone)))->moves($design, $stand);
            $nextAlone = self::leftAlone($next, $tolerance);
            if (count($nextAlone) < count($alone) || (count($nextAlone) === count($alone) && array_sum($nextAlone) >= array_sum($alone))) {
                break;
            }
            $moves = $next;
        }

        return $moves;
    }

    /**
     * Fewer moves first, then the smaller sum of the others’ moves, then the smaller sum of squares of those left alone; pairs named first win ties.
     *
     * @param  array<string, array{float, float}>  $moves
     * @return array{int, float, float}
     */
    private static function rank(array $moves, float $tolerance): array
    {
        $alone = self::leftAlone($moves, $tolerance);
        $others = array_sum(array_map(fn (array $move) => hypot(...$move), array_diff_key($moves, $alone)));

        return [count($moves) - count($alone), round($others, 9), round(array_sum($alone), 9)];
    }

    /**
     * @param  array<string, array{float, float}>  $moves
     * @return array<string, float> square of the move, of the stakes within the tolerance
     */
    private static function leftAlone(array $moves, float $tolerance): array
    {
        return array_map(
            fn (array $move) => $move[0] ** 2 + $move[1] ** 2,
            array_filter($moves, fn (array $move) => hypot(...$move) <= $tolerance),
        );
    }
}
