<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

/**
 * The placement of a design that leaves the most stakes alone: the largest set found that stands within the tolerance. Every ordered pair
 * of stakes proposes a placement, which is refined by best fit over the stakes within it for as long as that gains.
 */
final class FewestMoves
{
    private const MOST_REFINEMENTS = 10;

    /** Up to so many stakes every pair is tried; above, pairs among the hull’s stakes and a sample of the others. */
    private const MOST_TRIED = 60;

    private const SAMPLE = 40;

    /** @var array<string, array{float, float, float, float}> design and stand, x and y of each */
    private array $both = [];

    /** @var array<string, Trial> best fits worked out so far, by the set of stakes they are over */
    private array $fits = [];

    /**
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     */
    private function __construct(
        private readonly array $design,
        private readonly array $stand,
        private readonly float $tolerance,
    ) {
        foreach ($design as $name => [$x, $y]) {
            $this->both[$name] = [$x, $y, $stand[$name][0], $stand[$name][1]];
        }
    }

    /**
     * @param  non-empty-array<string, array{float, float}>  $design  places by name, at least two
     * @param  array<string, array{float, float}>  $stand  where the stakes stand
     * @param  list<string>  $held  stakes that can't move: a placement that leaves one out is none
     * @return ?Placement null when no placement keeps every held stake within the tolerance
     */
    public static function placement(array $design, array $stand, float $tolerance, array $held = []): ?Placement
    {
        $search = new self($design, $stand, $tolerance);
        $names = array_map(strval(...), array_keys($design));
        $proposing = count($names) <= self::MOST_TRIED ? $names : self::hullAndSample($stand, $names);
        $best = null;
        foreach ($proposing as $exact) {
            foreach ($proposing as $toward) {
                if ($exact === $toward) {
                    continue;
                }
                $found = $search->refined($search->trial(Placement::onto($design, $stand, $exact, $toward)), $search->fitted(...), 2);
                if (array_diff($held, $found->alone) === [] && ($best === null || $found->isBetterThan($best))) {
                    $best = $found;
                }
                // The best fit over all of them that leaves all of them alone: none leaves more, and none leaves less to move.
                if ($best !== null && $best === ($search->fits[implode(' ', $names)] ?? null) && count($best->alone) === count($names)) {
                    return $best->placement;
                }
            }
        }

        return $best?->placement;
    }

    /**
     * The same where only a shift along one direction is free: every stake proposes its own part along it.
     *
     * @param  non-empty-array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     * @param  array{float, float}  $along  unit vector
     * @param  list<string>  $held
     */
    public static function shift(array $design, array $stand, float $tolerance, array $along, array $held = []): ?Placement
    {
        $search = new self($design, $stand, $tolerance);
        $part = fn (string $name): float => $along[0] * ($stand[$name][0] - $design[$name][0]) + $along[1] * ($stand[$name][1] - $design[$name][1]);
        $place = fn (float $by): Placement => Placement::shifted($along[0] * $by, $along[1] * $by);
        $mean = function (array $alone) use ($part, $place): Placement {
            /** @var non-empty-list<string> $alone */
            return $place(array_sum(array_map($part, $alone)) / count($alone));
        };
        $best = null;
        foreach (array_map(strval(...), array_keys($design)) as $name) {
            $found = $search->refined($search->trial($place($part($name))), $mean, 1);
            if (array_diff($held, $found->alone) === [] && ($best === null || $found->isBetterThan($best))) {
                $best = $found;
            }
        }

        return $best?->placement;
    }

    /** @param  non-empty-list<string>  $alone */
    private function fitted(array $alone): Placement
    {
        return Placement::bestFit($this->design, $this->stand, $alone);
    }

    /**
     * @param  callable(non-empty-list<string>): Placement  $fit  over the stakes left alone
     * @param  int  $fewest  stakes that a fit needs
     */
    private function refined(Trial $trial, callable $fit, int $fewest): Trial
    {
        for ($round = 0; $round < self::MOST_REFINEMENTS && $trial->alone !== [] && count($trial->alone) >= $fewest; $round++) {
            $next = $this->fits[implode(' ', $trial->alone)] ??= $this->trial($fit($trial->alone));
            [$gained, $lost] = [count($next->alone) > count($trial->alone), count($next->alone) < count($trial->alone)];
            if ($lost || (! $gained && $next->squares >= $trial->squares)) {
                break;
            }
            $trial = $next;
        }

        return $trial;
    }

    private function trial(Placement $placement): Trial
    {
        // Written out, without a call per stake: this runs for every pair of stakes.
        [$cosine, $sine] = [cos($placement->rotation), sin($placement->rotation)];
        [$shiftX, $shiftY] = [$placement->shiftX, $placement->shiftY];
        $alone = [];
        $squares = $others = 0.0;
        $limit = $this->tolerance ** 2;
        foreach ($this->both as $name => [$x, $y, $atX, $atY]) {
            $moveX = $cosine * $x - $sine * $y + $shiftX - $atX;
            $moveY = $sine * $x + $cosine * $y + $shiftY - $atY;
            $square = $moveX * $moveX + $moveY * $moveY;
            if ($square <= $limit) {
                $alone[] = $name;
                $squares += $square;
            } else {
                $others += sqrt($square);
            }
        }

        return new Trial($placement, array_map(strval(...), $alone), $squares, $others);
    }

    /**
     * @param  array<string, array{float, float}>  $stand
     * @param  list<string>  $names
     * @return list<string> in stake order
     */
    private static function hullAndSample(array $stand, array $names): array
    {
        $chosen = array_flip(self::hull($stand, $names));
        for ($k = 0; $k < self::SAMPLE; $k++) {
            $chosen[$names[intdiv($k * count($names), self::SAMPLE)]] = true;
        }

        return array_values(array_filter($names, fn (string $name) => isset($chosen[$name])));
    }

    /**
     * Andrew’s monotone chain, with the stakes that lie on the hull’s edges.
     *
     * @param  array<string, array{float, float}>  $stand
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function hull(array $stand, array $names): array
    {
        usort($names, fn (string $a, string $b) => $stand[$a] <=> $stand[$b]);

        return array_values(array_unique([...self::chain($stand, $names), ...self::chain($stand, array_reverse($names))]));
    }

    /**
     * @param  array<string, array{float, float}>  $stand
     * @param  list<string>  $sorted
     * @return list<string>
     */
    private static function chain(array $stand, array $sorted): array
    {
        $hull = [];
        foreach ($sorted as $name) {
            while (count($hull) >= 2) {
                [[$ax, $ay], [$bx, $by], [$cx, $cy]] = [$stand[$hull[count($hull) - 2]], $stand[$hull[count($hull) - 1]], $stand[$name]];
                if (($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax) >= 0) {
                    break;
                }
                array_pop($hull);
            }
            $hull[] = $name;
        }

        return $hull;
    }
}
