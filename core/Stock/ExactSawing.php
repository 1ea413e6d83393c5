<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/** The cheapest way to saw pieces from stock there is, by what is still wanted: for few pieces, as their sets grow fast. */
final class ExactSawing
{
    /**
     * @param  array<int, int>  $wanted  how many of each length in nanometres, longest first
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    public static function of(array $wanted, array $stocks, Length $kerf): array
    {
        [$lengths, $counts] = [array_keys($wanted), array_values($wanted)];
        /** @var array<string, array{float, ?Stock, list<int>}> $best by what is still wanted */
        $best = [implode(',', array_map(fn () => 0, $counts)) => [0.0, null, []]];
        $solve = function (array $left) use (&$solve, &$best, $lengths, $stocks, $kerf): float {
            /** @var list<int> $left */
            $key = implode(',', $left);
            if (isset($best[$key])) {
                return $best[$key][0];
            }
            $best[$key] = [INF, null, []];
            $first = (int) array_key_first(array_filter($left));
            // The longest piece left must come from some board; try every board that holds it.
            $fill = function (int $kind, array $taken, int $used) use (&$fill, &$best, $solve, $key, $left, $lengths, $stocks, $kerf): void {
                /** @var array<int, int> $taken */
                if ($kind === count($lengths)) {
                    $stock = self::cheapestFor($used - $kerf->nanometres, $stocks);
                    $cost = $stock === null ? INF : $stock->price + $solve(array_map(fn (int $l, int $t) => $l - $t, $left, $taken));
                    if ($cost < $best[$key][0]) {
                        $best[$key] = [$cost, $stock, array_values($taken)];
                    }

                    return;
                }
                for ($n = $left[$kind] - $taken[$kind]; $n >= 0; $n--) {
                    $with = $used + $n * ($lengths[$kind] + $kerf->nanometres);
                    if (self::cheapestFor($with - $kerf->nanometres, $stocks) !== null) {
                        $fill($kind + 1, array_replace($taken, [$kind => $taken[$kind] + $n]), $with);
                    }
                }
            };
            $fill($first, array_replace(array_map(fn () => 0, $left), [$first => 1]), $lengths[$first] + $kerf->nanometres);

            return $best[$key][0];
        };
        $solve($counts);
        $boards = [];
        for ($left = $counts; array_sum($left) > 0;) {
            [, $stock, $taken] = $best[implode(',', $left)];
            if ($stock === null) {
                break;
            }
            $boards[] = new StockBoard(
                $stock, array_merge(...array_map(fn (int $n, int $length) => array_fill(0, $n, Length::nanometres($length)), $taken, $lengths)),
            );
            $left = array_map(fn (int $l, int $t) => $l - $t, $left, $taken);
        }

        return $boards;
    }

    /**
     * @param  list<Length>  $pieces
     * @return array{array<int, int>, int} how many of each length, and how many sets of them there are
     */
    public static function states(array $pieces): array
    {
        $wanted = array_count_values(array_map(fn (Length $piece) => $piece->nanometres, $pieces));

        return [$wanted, (int) array_product(array_map(fn (int $count) => $count + 1, $wanted))];
    }

    /**
     * Length taken by pieces and the cuts between them, nanometres.
     *
     * @param  list<Length>  $pieces
     */
    public static function used(array $pieces, Length $kerf): int
    {
        return Length::sum($pieces)->nanometres + (count($pieces) - 1) * $kerf->nanometres;
    }

    /** @param  non-empty-list<Stock>  $stocks */
    public static function cheapestFor(int $nanometres, array $stocks): ?Stock
    {
        $cheapest = null;
        foreach ($stocks as $stock) {
            if ($stock->length->nanometres >= $nanometres && ($cheapest === null || $stock->price < $cheapest->price)) {
                $cheapest = $stock;
            }
        }

        return $cheapest;
    }
}
