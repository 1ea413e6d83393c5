<?php

declare(strict_types=1);

namespace Aequus\Adjust\GrossErrors;

use Aequus\Adjust\Network\AdjustedNetwork;
use Aequus\Adjust\Network\LineOffset;
use Aequus\Adjust\Network\Reading;
use Aequus\Adjust\Solve\Observation;
use Aequus\Adjust\Statistics\ChiSquare;

/**
 * Whether several fixed lines can all lie where the plan has them: each is freed for itself, by its own shift and, with two stations, by its
 * own turn, and what that takes off the sum of squares is tested.
 */
final readonly class LineConflict
{
    private const RISK = 0.01;

    /** What another line, or a single reading, must explain less by, in squared standard deviations, to be out of the question. */
    private const NEAR = 16.0;

    /** Below this share of the other motion one counts as not checked by anything. */
    private const NOTHING = 1e-9;

    /**
     * @param  list<array{string, int, float, float}>  $lines  each with the motions freed that other readings check, the decrease and its limit
     * @param  list<string>  $named  lines that can't all be true; empty when they can
     * @param  bool  $comesFirst  whether a line explains more than any single reading would
     */
    private function __construct(public array $lines, public array $named, public bool $comesFirst)
    {
    }

    /** @param  list<Reading>  $readings  of that network */
    public static function in(AdjustedNetwork $network, array $readings): self
    {
        $byLine = [];
        $left = array_fill_keys(array_map(fn (Observation $one) => $one->id, $network->solution->observations), true);
        foreach ($readings as $reading) {
            if ($reading instanceof LineOffset && isset($left[$reading->id()])) {
                $byLine[$reading->line][] = $reading;
            }
        }
        if (count($byLine) < 2) {
            return new self([], [], false);
        }
        $lines = [];
        foreach ($byLine as $name => $offsets) {
            [$freed, $decrease] = self::freed($network, $offsets);
            $lines[] = [(string) $name, $freed, $decrease, $freed === 0 ? INF : ChiSquare::quantile(1 - self::RISK / count($byLine), $freed)];
        }
        $most = max(array_column($lines, 2));
        if (array_filter($lines, fn (array $line) => $line[2] > $line[3]) === []) {
            return new self($lines, [], false);
        }
        $named = array_map(fn (array $line) => $line[0], array_filter($lines, fn (array $line) => $most - $line[2] <= self::NEAR));
        $largest = $network->solution->largest();
        $w = $largest === '' ? 0.0 : $network->solution->standardised($largest) ?? 0.0;

        return new self($lines, array_values($named), $most > $w ** 2 + self::NEAR);
    }

    /**
     * @param  non-empty-list<LineOffset>  $offsets  to one line
     * @return array{int, float} motions that something else checks, and the decrease of the sum of squares when they are freed
     */
    private static function freed(AdjustedNetwork $network, array $offsets): array
    {
        $stations = array_map(fn (LineOffset $offset) => $network->at[$offset->stations()[0]]->cross($offset->normal()), $offsets);
        $mean = array_sum($stations) / count($stations);
        $extent = max($stations) - min($stations);
        // The station from the middle, in units of the extent, so that shift and turn are of one size.
        $columns = [array_fill(0, count($offsets), 1.0), array_map(fn (float $at) => $extent < 1.0 ? 0.0 : ($at - $mean) / $extent, $stations)];
        $solution = $network->solution;
        $sigma = array_map(fn (LineOffset $offset) => $offset->sigma(), $offsets);
        $b = $n = [];
        foreach ($columns as $k => $column) {
            $b[$k] = array_sum(
                array_map(
                    fn (float $c, LineOffset $o, float $s) => $c * $solution->observation($o->id())->residual / $s ** 2, $column, $offsets, $sigma,
                ),
            );
            foreach ($columns as $l => $other) {
                $n[$k][$l] = 0.0;
                foreach ($offsets as $i => $one) {
                    foreach ($offsets as $j => $two) {
                        $n[$k][$l] += $column[$i] * $other[$j] * $solution->residualCofactor($one->id(), $two->id()) / (
                            $sigma[$i] ** 2 * $sigma[$j] ** 2
                        );
                    }
                }
            }
        }

        return self::quadratic($b, $n, array_sum(array_map(fn (float $s) => 1 / $s ** 2, $sigma)));
    }

    /**
     * bᵀ·N⁺·b of two unknowns, by the axes of N.
     *
     * @param  array<int, float>  $b
     * @param  array<int, array<int, float>>  $n
     * @param  float  $scale  what an entry of N could be at most
     * @return array{int, float} rank of N, and the form
     */
    private static function quadratic(array $b, array $n, float $scale): array
    {
        $half = ($n[0][0] - $n[1][1]) / 2;
        $root = hypot($half, $n[0][1]);
        $middle = ($n[0][0] + $n[1][1]) / 2;
        $angle = atan2($n[0][1], $half) / 2;
        [$rank, $sum] = [0, 0.0];
        foreach ([[$middle + $root, cos($angle), sin($angle)], [$middle - $root, -sin($angle), cos($angle)]] as [$value, $x, $y]) {
            if ($value > self::NOTHING * $scale) {
                [$rank, $sum] = [$rank + 1, $sum + ($x * $b[0] + $y * $b[1]) ** 2 / $value];
            }
        }

        return [$rank, $sum];
    }
}
