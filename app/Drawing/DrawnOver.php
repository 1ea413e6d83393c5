<?php

declare(strict_types=1);

namespace App\Drawing;

use Aequus\Frame\InSpace;
use Aequus\Frame\Solid;

/**
 * In which order solids are drawn so that what is nearer covers what is behind. From a side that is how near each comes. Looked down on, what lies on
 * the beams covers what carries it; of beams, posts and what hangs between those, two that lie apart along an axis are told by which lies toward
 * whoever looks.
 */
final class DrawnOver
{
    /** How far up in the frame posts lie, and what is let into them. */
    private const POST = 0;

    private const BEAM = 2;

    /** Solids that touch count as apart, mm. */
    private const HAIR = 0.01;

    /** @var list<array{array{float, float}, array{float, float}, array{float, float}}> extent on each axis */
    private array $extents;

    /** @var list<array{float, float, float, float}> extent on the paper: left, right, top, foot */
    private array $seen;

    /** @var list<array{int, float}> what counts where no axis tells: how far up its layer lies, and how near it comes */
    private array $else;

    /**
     * @param  list<array{Solid, string, int}>  $solids  with a class, and how far up their layers lie
     * @param  list<non-empty-list<array{float, float, float}>>  $corners  of each: across the paper, down it, and how far off
     * @param  array{float, float, float}  $away  by how much further off each mm along x, y and z is
     * @param  bool  $isLookedDownOn  else it is seen from a side, level
     */
    public function __construct(private array $solids, array $corners, private array $away, private bool $isLookedDownOn)
    {
        $this->extents = array_map(function (array $solid): array {
            $of = fn (callable $axis): array => self::extent(array_map($axis, $solid[0]->corners()));

            return [$of(fn (InSpace $at) => $at->x), $of(fn (InSpace $at) => $at->y), $of(fn (InSpace $at) => $at->z)];
        }, $solids);
        $of = fn (array $each, int $which): array => self::extent(array_map(fn (array $at): float => $at[$which], $each));
        $this->seen = array_map(fn (array $each) => [...$of($each, 0), ...$of($each, 1)], $corners);
        $this->else = array_map(fn (array $solid, array $each) => [$solid[2], round(-$of($each, 2)[0], 2)], $solids, $corners);
    }

    /** @return list<int> places of the solids, what is farthest off first */
    public function order(): array
    {
        $first = array_keys($this->solids);
        usort($first, fn (int $one, int $other) => $this->elsewise($one, $other));
        if (! $this->isLookedDownOn) {
            return $first;
        }
        $under = array_fill(0, count($this->solids), []);
        $byLeft = array_values(array_filter($first, fn (int $one) => $this->solids[$one][2] <= self::BEAM));
        usort($byLeft, fn (int $one, int $other) => $this->seen[$one][0] <=> $this->seen[$other][0]);
        foreach ($byLeft as $i => $one) {
            for ($j = $i + 1; isset($byLeft[$j]) && $this->seen[$byLeft[$j]][0] < $this->seen[$one][1] - self::HAIR; $j++) {
                $other = $byLeft[$j];
                if ($this->seen[$one][2] < $this->seen[$other][3] - self::HAIR && $this->seen[$other][2] < $this->seen[$one][3] - self::HAIR) {
                    $covers = $this->covers($one, $other);
                    if ($covers > 0) {
                        $under[$one][] = $other;
                    } elseif ($covers < 0) {
                        $under[$other][] = $one;
                    }
                }
            }
        }
        $order = [];
        $state = [];
        foreach ($first as $one) {
            $this->put($one, $under, $state, $order);
        }

        return $order;
    }

    /**
     * What lies under one comes before it.
     *
     * @param  list<list<int>>  $under
     * @param  array<int, true>  $state  those begun with
     * @param  list<int>  $order
     */
    private function put(int $one, array $under, array &$state, array &$order): void
    {
        if (isset($state[$one])) {
            return;
        }
        $state[$one] = true;
        foreach ($under[$one] as $other) {
            $this->put($other, $under, $state, $order);
        }
        $order[] = $one;
    }

    /** Above zero where the one covers the other, below where it is covered, zero where neither can. */
    private function covers(int $one, int $other): int
    {
        $isOver = $isUnder = $isApart = false;
        foreach ($this->away as $axis => $away) {
            [$a, $b] = [$this->extents[$one][$axis], $this->extents[$other][$axis]];
            $side = match (true) {
                $a[1] <= $b[0] + self::HAIR => 1, $b[1] <= $a[0] + self::HAIR => -1, default => 0
            };
            if ($side !== 0) {
                $isApart = true;
                $isOver = $isOver || $side * $away > 1e-9;
                $isUnder = $isUnder || $side * $away < -1e-9;
            }
        }
        if ($isApart) {
            return (int) $isOver - (int) $isUnder;
        }
        // What is let into a post: toward which of its faces that lies.
        $lie = [$this->solids[$one][2], $this->solids[$other][2]];
        if (in_array(self::POST, $lie, true) && $lie[0] !== $lie[1]) {
            return $this->letIn($one, $other);
        }

        return $this->elsewise($one, $other);
    }

    private function letIn(int $one, int $other): int
    {
        $least = INF;
        $toward = 0.0;
        foreach ($this->away as $axis => $away) {
            [$a, $b] = [$this->extents[$one][$axis], $this->extents[$other][$axis]];
            $common = min($a[1], $b[1]) - max($a[0], $b[0]);
            if ($common < $least) {
                [$least, $toward] = [$common, ($b[0] + $b[1] - $a[0] - $a[1]) * $away];
            }
        }

        return abs($toward) > self::HAIR ? $toward <=> 0.0 : $this->elsewise($one, $other);
    }

    private function elsewise(int $one, int $other): int
    {
        [$a, $b] = [$this->else[$one], $this->else[$other]];

        return $this->isLookedDownOn ? $a <=> $b : [$a[1], $a[0]] <=> [$b[1], $b[0]];
    }

    /**
     * @param  array<float>  $of
     * @return array{float, float}
     */
    private static function extent(array $of): array
    {
        return [min(INF, ...$of), max(-INF, ...$of)];
    }
}
