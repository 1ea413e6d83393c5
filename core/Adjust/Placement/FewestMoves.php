<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Measure\Vector;

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

    /** @var list<float> design of each stake */
    private array $xs = [];

    /** @var list<float> */
    private array $ys = [];

    /** @var list<float> where it stands */
    private array $atXs = [];

    /** @var list<float> */
    private array $atYs = [];

    /** @var list<int> what each stake adds to the key of a set */
    private array $bits = [];

    /** @var list<int> 1 where it is held */
    private array $held = [];

    /** @var array<int, array{float, float, float}> xx, xy and yy of the stretches there are, by stake */
    private array $stretches = [];

    /** @var array<int, Trial> best fits worked out so far, by the key of the set of stakes they are over */
    private array $fits = [];

    /**
     * @param  array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     * @param  list<string>  $held
     */
    private function __construct(array $design, array $stand, private readonly Allowed $allowed, array $held)
    {
        $isHeld = array_flip($held);
        foreach ($design as $name => $place) {
            [$this->xs[], $this->ys[], $this->atXs[], $this->atYs[]] = [$place->x, $place->y, $stand[$name]->x, $stand[$name]->y];
            $this->bits[] = (int) hexdec(substr(md5((string) $name), 0, 15));
            $this->held[] = isset($isHeld[$name]) ? 1 : 0;
            if (($stretch = $allowed->stretches[$name] ?? null) !== null) {
                $this->stretches[count($this->xs) - 1] = [$stretch->xx, $stretch->xy, $stretch->yy];
            }
        }
    }

    /**
     * @param  non-empty-array<string, Vector>  $design  places by name, at least two
     * @param  array<string, Vector>  $stand  where the stakes stand
     * @param  list<string>  $held  stakes that can't move: a placement that leaves one out is none
     * @param  bool  $anyThatFits  whether the first that leaves all alone will do, for whoever asks only which must move
     * @return ?Placement null when no placement keeps every held stake within the tolerance
     */
    public static function placement(array $design, array $stand, Allowed $allowed, array $held = [], bool $anyThatFits = false): ?Placement
    {
        $search = new self($design, $stand, $allowed, $held);
        $names = array_map(strval(...), array_keys($design));
        $proposing = count($names) <= self::MOST_TRIED ? $names : self::hullAndSample($stand, $names);
        $best = null;
        foreach ($proposing as $exact) {
            foreach ($proposing as $toward) {
                if ($exact === $toward) {
                    continue;
                }
                $found = $search->refined($search->trial(Placement::onto($design, $stand, $exact, $toward)), $search->fitted(...), 2);
                if ($found->keepsHeld && ($best === null || $found->isBetterThan($best))) {
                    $best = $found;
                }
                // The best fit over all of them that leaves all of them alone: none leaves more, and none leaves less to move.
                if ($best !== null && $best->alone === count($names) && ($anyThatFits || $best === ($search->fits[$best->key] ?? null))) {
                    return $best->placement;
                }
            }
        }

        return $best?->placement;
    }

    /**
     * The same where only a shift along one direction is free: every stake proposes its own part along it.
     *
     * @param  non-empty-array<string, Vector>  $design
     * @param  array<string, Vector>  $stand
     * @param  Vector  $along  unit vector
     * @param  list<string>  $held
     */
    public static function shift(array $design, array $stand, Allowed $allowed, Vector $along, array $held = []): ?Placement
    {
        $search = new self($design, $stand, $allowed, $held);
        $part = fn (string $name): float => $along->dot($stand[$name]->minus($design[$name]));
        $place = fn (float $by): Placement => Placement::shifted($along->times($by));
        $mean = function (Trial $trial) use ($search, $place, $along): Placement {
            [$n, $px, $py, $qx, $qy] = $search->sums($trial->placement);

            return $place($along->dot(new Vector($qx - $px, $qy - $py)) / $n);
        };
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
        // Written out, without a call per stake: this runs for every pair of stakes.
        [$cosine, $sine, $limit] = [cos($placement->rotation), sin($placement->rotation), $this->allowed->tolerance ** 2];
        [$shiftX, $shiftY, $ys, $atXs, $atYs, $bits, $held, $stretches] = [
            $placement->shiftX, $placement->shiftY, $this->ys, $this->atXs, $this->atYs, $this->bits, $this->held, $this->stretches,
        ];
        $alone = $missing = $key = 0;
        $squares = $others = 0.0;
        foreach ($this->xs as $i => $x) {
            $y = $ys[$i];
            $moveX = $cosine * $x - $sine * $y + $shiftX - $atXs[$i];
            $moveY = $sine * $x + $cosine * $y + $shiftY - $atYs[$i];
            $square = isset($stretches[$i]) ? self::stretched($stretches[$i], $moveX, $moveY, $cosine, $sine) : $moveX * $moveX + $moveY * $moveY;
            if ($square <= $limit) {
                $alone++;
                $squares += $square;
                $key ^= $bits[$i];
            } else {
                $others += sqrt($square);
                $missing += $held[$i];
            }
        }

        return new Trial($placement, $alone, $squares, $others, $key, $missing === 0);
    }

    /**
     * The square of a move as it counts for a stake with a tolerance of its own, its stretch turned with the design.
     *
     * @param  array{float, float, float}  $stretch
     */
    private static function stretched(array $stretch, float $moveX, float $moveY, float $cosine, float $sine): float
    {
        [$x, $y] = [$cosine * $moveX + $sine * $moveY, $cosine * $moveY - $sine * $moveX];

        return ($stretch[0] * $x + $stretch[1] * $y) ** 2 + ($stretch[1] * $x + $stretch[2] * $y) ** 2;
    }

    /** Least squares over the stakes that a trial left alone. */
    private function fitted(Trial $trial): Placement
    {
        [$n, $px, $py, $qx, $qy, $cross, $dot] = $this->sums($trial->placement);

        return Placement::turned(atan2($cross, $dot), new Vector($px / $n, $py / $n), new Vector($qx / $n, $qy / $n));
    }

    /** @return array{int, float, float, float, float, float, float} of the stakes left alone: how many, sums of design and stand, cross and dot about their centres */
    private function sums(Placement $placement): array
    {
        [$cosine, $sine, $limit] = [cos($placement->rotation), sin($placement->rotation), $this->allowed->tolerance ** 2];
        [$shiftX, $shiftY, $ys, $atXs, $atYs, $stretches] = [
            $placement->shiftX, $placement->shiftY, $this->ys, $this->atXs, $this->atYs, $this->stretches,
        ];
        // About the first stake: sums about a far origin would lose their last figures.
        [$fromX, $fromY, $toX, $toY] = [$this->xs[0], $ys[0], $atXs[0], $atYs[0]];
        $n = 0;
        $px = $py = $qx = $qy = $cross = $dot = 0.0;
        foreach ($this->xs as $i => $x) {
            $y = $ys[$i];
            $atX = $atXs[$i];
            $atY = $atYs[$i];
            $moveX = $cosine * $x - $sine * $y + $shiftX - $atX;
            $moveY = $sine * $x + $cosine * $y + $shiftY - $atY;
            $square = isset($stretches[$i]) ? self::stretched($stretches[$i], $moveX, $moveY, $cosine, $sine) : $moveX * $moveX + $moveY * $moveY;
            if ($square <= $limit) {
                $fX = $x - $fromX;
                $fY = $y - $fromY;
                $tX = $atX - $toX;
                $tY = $atY - $toY;
                $n++;
                $px += $fX;
                $py += $fY;
                $qx += $tX;
                $qy += $tY;
                $cross += $fX * $tY - $fY * $tX;
                $dot += $fX * $tX + $fY * $tY;
            }
        }
        $n = max(1, $n);

        return [
            $n, $px + $n * $fromX, $py + $n * $fromY, $qx + $n * $toX, $qy + $n * $toY, $cross - ($px * $qy - $py * $qx) / $n,
            $dot - ($px * $qx + $py * $qy) / $n,
        ];
    }

    /**
     * @param  array<string, Vector>  $stand
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
     * @param  array<string, Vector>  $stand
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function hull(array $stand, array $names): array
    {
        usort($names, fn (string $a, string $b) => [$stand[$a]->x, $stand[$a]->y] <=> [$stand[$b]->x, $stand[$b]->y]);

        return array_values(array_unique([...self::chain($stand, $names), ...self::chain($stand, array_reverse($names))]));
    }

    /**
     * @param  array<string, Vector>  $stand
     * @param  list<string>  $sorted
     * @return list<string>
     */
    private static function chain(array $stand, array $sorted): array
    {
        $hull = [];
        foreach ($sorted as $name) {
            while (count($hull) >= 2) {
                $from = $stand[$hull[count($hull) - 2]];
                if ($stand[$hull[count($hull) - 1]]->minus($from)->cross($stand[$name]->minus($from)) >= 0) {
                    break;
                }
                array_pop($hull);
            }
            $hull[] = $name;
        }

        return $hull;
    }
}
