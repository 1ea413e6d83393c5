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

    /** @var list<array{float, float, float, float, int, int}> each stake: design and stand about their centres, what it adds to the key of a set, 1 where it is held */
    private array $both = [];

    /** @var array<int, Trial> best fits worked out so far, by the key of the set of stakes they are over */
    private array $fits = [];

    /** @var array{float, float} */
    private array $centre;

    /** @var array{float, float} */
    private array $standCentre;

    private int $held;

    /**
     * @param  array<string, array{float, float}>  $design
     * @param  array<string, array{float, float}>  $stand
     * @param  list<string>  $held
     */
    private function __construct(array $design, array $stand, private readonly float $tolerance, array $held)
    {
        [$isHeld, $this->held] = [array_flip($held), count($held)];
        $n = max(1, count($design));
        $this->centre = [array_sum(array_column($design, 0)) / $n, array_sum(array_column($design, 1)) / $n];
        $this->standCentre = [array_sum(array_column($stand, 0)) / $n, array_sum(array_column($stand, 1)) / $n];
        foreach ($design as $name => [$x, $y]) {
            $this->both[] = [
                $x - $this->centre[0], $y - $this->centre[1], $stand[$name][0] - $this->standCentre[0], $stand[$name][1] - $this->standCentre[1],
                (int) hexdec(substr(md5((string) $name), 0, 15)), isset($isHeld[$name]) ? 1 : 0,
            ];
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
        $search = new self($design, $stand, $tolerance, $held);
        $names = array_map(strval(...), array_keys($design));
        $proposing = count($names) <= self::MOST_TRIED ? $names : self::hullAndSample($stand, $names);
        $best = null;
        foreach ($proposing as $exact) {
            foreach ($proposing as $toward) {
                if ($exact === $toward) {
                    continue;
                }
                $found = $search->refined($search->trial(Placement::onto($design, $stand, $exact, $toward)), fn (Trial $trial) => $trial->fit, 2);
                if ($found->keepsHeld && ($best === null || $found->isBetterThan($best))) {
                    $best = $found;
                }
                // The best fit over all of them that leaves all of them alone: none leaves more, and none leaves less to move.
                if ($best !== null && $best->alone === count($names) && $best === ($search->fits[$best->key] ?? null)) {
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
        $search = new self($design, $stand, $tolerance, $held);
        $part = fn (string $name): float => $along[0] * ($stand[$name][0] - $design[$name][0]) + $along[1] * ($stand[$name][1] - $design[$name][1]);
        $place = fn (float $by): Placement => Placement::shifted($along[0] * $by, $along[1] * $by);
        $mean = fn (Trial $trial): Placement => $place($along[0] * $trial->shift[0] + $along[1] * $trial->shift[1]);
        $best = null;
        foreach (array_map(strval(...), array_keys($design)) as $name) {
            $found = $search->refined($search->trial($place($part($name))), $mean, 1);
            if ($found->keepsHeld && ($best === null || $found->isBetterThan($best))) {
                $best = $found;
            }
        }

        return $best?->placement;
    }

    /**
     * @param  callable(Trial): Placement  $fit  over the stakes it left alone
     * @param  int  $fewest  stakes that a fit needs
     */
    private function refined(Trial $trial, callable $fit, int $fewest): Trial
    {
        for ($round = 0; $round < self::MOST_REFINEMENTS && $trial->alone >= $fewest; $round++) {
            $next = $this->fits[$trial->key] ??= $this->trial($fit($trial));
            [$gained, $lost] = [$next->alone > $trial->alone, $next->alone < $trial->alone];
            if ($lost || (! $gained && $next->squares >= $trial->squares)) {
                break;
            }
            $trial = $next;
        }

        return $trial;
    }

    private function trial(Placement $placement): Trial
    {
        // Written out, without a call per stake: this runs for every pair of stakes. What a best fit over those left alone needs is summed on the way.
        [$cosine, $sine, [$fromX, $fromY]] = [cos($placement->rotation), sin($placement->rotation), $this->centre];
        $shiftX = $placement->shiftX + $cosine * $fromX - $sine * $fromY - $this->standCentre[0];
        $shiftY = $placement->shiftY + $sine * $fromX + $cosine * $fromY - $this->standCentre[1];
        $alone = $held = 0;
        $squares = $others = $px = $py = $qx = $qy = $cross = $dot = 0.0;
        $key = 0;
        $limit = $this->tolerance ** 2;
        foreach ($this->both as [$x, $y, $atX, $atY, $bits, $isHeld]) {
            $moveX = $cosine * $x - $sine * $y + $shiftX - $atX;
            $moveY = $sine * $x + $cosine * $y + $shiftY - $atY;
            $square = $moveX * $moveX + $moveY * $moveY;
            if ($square <= $limit) {
                $alone++;
                $held += $isHeld;
                $squares += $square;
                $key ^= $bits;
                $px += $x;
                $py += $y;
                $qx += $atX;
                $qy += $atY;
                $cross += $x * $atY - $y * $atX;
                $dot += $x * $atX + $y * $atY;
            } else {
                $others += sqrt($square);
            }
        }
        $n = max(1, $alone);
        $fit = $alone === 0 ? $placement : Placement::turned(
            atan2($cross - ($px * $qy - $py * $qx) / $n, $dot - ($px * $qx + $py * $qy) / $n),
            [$px / $n + $fromX, $py / $n + $fromY], [$qx / $n + $this->standCentre[0], $qy / $n + $this->standCentre[1]],
        );

        return new Trial(
            $placement, $alone, $squares, $others, $key, $fit, $held === $this->held,
            [($qx - $px) / $n + $this->standCentre[0] - $fromX, ($qy - $py) / $n + $this->standCentre[1] - $fromY],
        );
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
