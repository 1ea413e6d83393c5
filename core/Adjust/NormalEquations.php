<?php

declare(strict_types=1);

namespace Aequus\Adjust;

/**
 * Normal equations of a least-squares adjustment, kept and factored within their profile: each row from its first entry to the diagonal.
 * N = L·D·Lᵀ, without square roots; nothing outside the profile is ever stored.
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

    /** @param  list<int>  $first first column of each row that any reading joins with it */
    public function __construct(array $first)
    {
        $this->first = $first;
        $this->rows = array_map(fn (int $start, int $row) => array_fill(0, $row - $start + 1, 0.0), $first, array_keys($first));
        $this->right = array_fill(0, count($first), 0.0);
    }

    /** @param  array<int, float>  $row coefficients by unknown */
    public function add(array $row, float $weight, float $misclosure): void
    {
        foreach ($row as $i => $a) {
            $this->right[$i] += $weight * $a * $misclosure;
            foreach ($row as $j => $b) {
                if ($j <= $i) {
                    $this->rows[$i][$j - $this->first[$i]] += $weight * $a * $b;
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
            for ($j = $start; $j < $i; $j++) {
                $other = $this->rows[$j];
                $otherStart = $this->first[$j];
                $sum = $row[$j - $start];
                for ($k = max($start, $otherStart); $k < $j; $k++) {
                    $sum -= $row[$k - $start] * $other[$k - $otherStart];
                }
                $row[$j - $start] = $sum;
            }
            $pivot = $diagonal;
            for ($j = $start; $j < $i; $j++) {
                $scaled = $row[$j - $start] / $this->rows[$j][$j - $this->first[$j]];
                $pivot -= $scaled * $row[$j - $start];
                $row[$j - $start] = $scaled;
            }
            $row[$i - $start] = $pivot;
            $this->rows[$i] = $row;
            if ($pivot <= self::SINGULAR * $diagonal) {
                $free += array_flip($this->freeWith($i));
                // Held where it is, so that the search goes on to what else is free.
                $this->rows[$i] = [...array_fill(0, $i - $start, 0.0), 1.0];
            }
        }

        return $free === [] ? null : array_keys($free);
    }

    /** @return array<int, float> the solution for the right-hand side gathered */
    public function solve(): array
    {
        return $this->substitute($this->right);
    }

    /** @return array<int, float> one column of N⁻¹ */
    public function cofactors(int $unknown): array
    {
        $unit = array_fill(0, count($this->first), 0.0);
        $unit[$unknown] = 1.0;

        return $this->substitute($unit);
    }

    /**
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    private function substitute(array $b): array
    {
        $n = count($b);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $this->first[$i]; $j < $i; $j++) {
                $b[$i] -= $this->rows[$i][$j - $this->first[$i]] * $b[$j];
            }
        }
        for ($i = 0; $i < $n; $i++) {
            $b[$i] /= $this->rows[$i][$i - $this->first[$i]];
        }

        return $this->backward($b, $n);
    }

    /**
     * @param  array<int, float>  $b
     * @return array<int, float>
     */
    private function backward(array $b, int $n): array
    {
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($j = $this->first[$i]; $j < $i; $j++) {
                $b[$j] -= $this->rows[$i][$j - $this->first[$i]] * $b[$i];
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
