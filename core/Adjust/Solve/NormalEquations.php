<?php

declare(strict_types=1);

namespace Aequus\Adjust\Solve;

/**
 * Normal equations of a least-squares adjustment, kept and factored within their profile: each row from its first entry to the diagonal.
 * N = L·D·Lᵀ, without square roots; nothing outside the profile is ever stored, neither of N nor of its inverse.
 */
final class NormalEquations
{
    private const SINGULAR = 1e-10;

    /** @var list<int> first column of each row's profile */
    private array $first;

    /** @var array<int, array<int, float>> rows of N, later of L; the last entry is the diagonal, later of D */
    private array $rows;

    /** @var array<int, float> */
    private array $right;

    /** @var ?array<int, array<int, float>> rows of N⁻¹ within the profile, once asked for */
    private ?array $inverse = null;

    /** @param  list<int>  $first first column of each row that any reading joins with it */
    public function __construct(array $first)
    {
        $this->first = $first;
        $this->rows = array_map(fn (int $start, int $row) => array_fill(0, $row - $start + 1, 0.0), $first, array_keys($first));
        $this->right = array_fill(0, count($first), 0.0);
    }

    public function size(): int
    {
        return count($this->first);
    }

    /** @param  array<int, float>  $row coefficients by unknown */
    public function add(array $row, float $weight, float $misclosure): void
    {
        foreach ($row as $i => $a) {
            $weighted = $weight * $a;
            $this->right[$i] += $weighted * $misclosure;
            $start = $this->first[$i];
            foreach ($row as $j => $b) {
                if ($j <= $i) {
                    $this->rows[$i][$j - $start] += $weighted * $b;
                }
            }
        }
    }

    /** @return ?list<int> the unknowns that are left free, null when there are none: then the equations are factored */
    public function factor(): ?array
    {
        $free = [];
        foreach ($this->rows as $i => $row) {
            $start = $this->first[$i];
            $diagonal = $row[$i - $start];
            for ($j = $start + 1; $j < $i; $j++) {
                $other = $this->rows[$j];
                $otherStart = $this->first[$j];
                $k = max($start, $otherStart);
                $sum = 0.0;
                for ($a = $k - $start, $b = $k - $otherStart, $end = $j - $start; $a < $end; $a++, $b++) {
                    $sum += $row[$a] * $other[$b];
                }
                $row[$j - $start] -= $sum;
            }
            $pivot = $diagonal;
            for ($j = $start; $j < $i; $j++) {
                $unscaled = $row[$j - $start];
                $scaled = $unscaled / $this->rows[$j][$j - $this->first[$j]];
                $pivot -= $scaled * $unscaled;
                $row[$j - $start] = $scaled;
            }
            $row[$i - $start] = $pivot;
            $this->rows[$i] = $row;
            if ($pivot <= self::SINGULAR * $diagonal) {
                $free += array_flip($this->freeWith($i));
                // Held where it is by an infinite weight, so that the search goes on to what else is free.
                $this->rows[$i] = [...array_fill(0, $i - $start, 0.0), INF];
            }
        }
        ksort($free);

        return $free === [] ? null : array_keys($free);
    }

    /** @return array<int, float> the solution for the right-hand side gathered */
    public function solve(): array
    {
        return $this->substitute($this->right);
    }

    /**
     * N⁻¹ times a vector.
     *
     * @param  array<int, float>  $row  by unknown; what is missing is zero
     * @return array<int, float>
     */
    public function spread(array $row): array
    {
        return $row === [] ? array_fill(0, count($this->first), 0.0) : $this->substitute(
            array_replace(array_fill(0, count($this->first), 0.0), $row), min(array_keys($row)),
        );
    }

    /**
     * The quadratic form rowᵀ·N⁻¹·row, from the forward half of the substitution alone.
     *
     * @param  array<int, float>  $row  by unknown; what is missing is zero
     */
    public function variance(array $row): float
    {
        if ($row === []) {
            return 0.0;
        }
        $b = array_replace(array_fill(0, count($this->first), 0.0), $row);
        $sum = 0.0;
        foreach ($this->forward($b, min(array_keys($row))) as $i => $part) {
            if ($part !== 0.0) {
                $sum += $part * $part / $this->rows[$i][$i - $this->first[$i]];
            }
        }

        return $sum;
    }

    /** An entry of N⁻¹ within the profile: any two unknowns that one reading joins. */
    public function cofactor(int $i, int $j): float
    {
        $this->inverse ??= $this->selectedInverse();

        return $i >= $j ? $this->inverse[$i][$j - $this->first[$i]] : $this->inverse[$j][$i - $this->first[$j]];
    }

    /** Whether two unknowns lie within the profile, so that their cofactor is at hand. */
    public function holds(int $i, int $j): bool
    {
        return $i >= $j ? $j >= $this->first[$i] : $i >= $this->first[$j];
    }

    /**
     * N⁻¹ within the profile only, from the last column back (Takahashi, Fagan and Chen 1973): an entry needs none outside the profile.
     *
     * @return array<int, array<int, float>>
     */
    private function selectedInverse(): array
    {
        $n = count($this->first);
        $below = array_fill(0, $n, []);
        foreach ($this->first as $i => $start) {
            for ($j = $start; $j < $i; $j++) {
                $below[$j][] = $i;
            }
        }
        $inverse = array_map(fn (array $row) => array_fill(0, count($row), 0.0), $this->rows);
        for ($j = $n - 1; $j >= 0; $j--) {
            $column = [];
            foreach ($below[$j] as $k) {
                $part = $this->rows[$k][$j - $this->first[$k]];
                if ($part !== 0.0) {
                    $column[$k] = $part;
                }
            }
            $diagonal = 1 / $this->rows[$j][$j - $this->first[$j]];
            foreach ($below[$j] as $i) {
                $sum = 0.0;
                $start = $this->first[$i];
                $row = $inverse[$i];
                foreach ($column as $k => $part) {
                    $sum += $part * ($k <= $i ? $row[$k - $start] : $inverse[$k][$i - $this->first[$k]]);
                }
                $inverse[$i][$j - $start] = -$sum;
                $diagonal += isset($column[$i]) ? $column[$i] * $sum : 0.0;
            }
            $inverse[$j][$j - $this->first[$j]] = $diagonal;
        }

        return $inverse;
    }

    /**
     * @param  array<int, float>  $b
     * @param  int  $from  the first entry that is not zero
     * @return array<int, float>
     */
    private function substitute(array $b, int $from = 0): array
    {
        $n = count($b);
        $b = $this->forward($b, $from);
        for ($i = $from; $i < $n; $i++) {
            $b[$i] /= $this->rows[$i][$i - $this->first[$i]];
        }

        return $this->backward($b, $n);
    }

    /**
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    private function forward(array $b, int $from): array
    {
        for ($i = $from, $n = count($b); $i < $n; $i++) {
            $start = $this->first[$i];
            $row = $this->rows[$i];
            $sum = $b[$i];
            for ($j = max($start, $from); $j < $i; $j++) {
                $sum -= $row[$j - $start] * $b[$j];
            }
            $b[$i] = $sum;
        }

        return $b;
    }

    /**
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    private function backward(array $b, int $n): array
    {
        for ($i = $n - 1; $i >= 0; $i--) {
            $known = $b[$i];
            if ($known === 0.0) {
                continue;
            }
            $start = $this->first[$i];
            $row = $this->rows[$i];
            for ($j = $start; $j < $i; $j++) {
                $b[$j] -= $row[$j - $start] * $known;
            }
        }

        return $b;
    }

    /**
     * The unknowns that move together without any reading noticing: the null vector that begins at the failed pivot.
     *
     * @return list<int>
     */
    private function freeWith(int $failed): array
    {
        $null = array_fill(0, $failed + 1, 0.0);
        $null[$failed] = 1.0;
        $null = $this->backward($null, $failed + 1);
        $largest = max(1.0, ...array_map(abs(...), $null));

        return array_keys(array_filter($null, fn (float $part) => abs($part) > 1e-6 * $largest));
    }
}
