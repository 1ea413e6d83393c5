<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/** The cheapest way to saw pieces from stock there is, by what is still wanted: for few pieces, as their sets grow fast. */
final class ExactSawing
{
    /** More sets than this are not told apart. */
    private const MANY = 1_000_000;

    /**
     * @param  array<int, int>  $wanted  how many of each length in nanometres, longest first
     * @param  non-empty-list<Stock>  $stocks
     * @param  list<Length>  $atHand  boards that lie there and cost nothing
     * @return list<StockBoard>
     */
    public static function of(array $wanted, array $stocks, Length $kerf, array $atHand = []): array
    {
        [$lengths, $counts] = [array_keys($wanted), array_values($wanted)];
        usort($atHand, fn (Length $a, Length $b) => $a->nanometres <=> $b->nanometres);
        /** @var array<string, array{float, ?StockBoard, list<int>, list<Length>}> $best by what is still wanted and what lies there */
        $best = [];
        $solve = function (array $left, array $hand) use (&$solve, &$best, $lengths, $stocks, $kerf): float {
            /**
             * @var list<int> $left
             * @var list<Length> $hand
             */
            $state = self::key($left, $hand);
            if (array_sum($left) === 0) {
                return 0.0;
            }
            if (isset($best[$state])) {
                return $best[$state][0];
            }
            $best[$state] = [INF, null, [], []];
            $first = (int) array_key_first(array_filter($left));
            // The longest piece left must come from some board; try every board that holds it.
            $fill = function (int $kind, array $taken, int $used) use (&$fill, &$best, $solve, $state, $left, $hand, $lengths, $stocks, $kerf): void {
                /** @var array<int, int> $taken */
                if ($kind === count($lengths)) {
                    $rest = array_map(fn (int $l, int $t) => $l - $t, $left, $taken);
                    // Bought, or out of the shortest that lies there: a longer one would serve whatever else that one can.
                    foreach ([
                        [self::cheapestFor($used - $kerf->nanometres, $stocks), $hand], self::outOf($hand, $used - $kerf->nanometres),
                    ] as [$stock, $lies]) {
                        $cost = $stock === null ? INF : $stock->price + $solve($rest, $lies);
                        if ($stock !== null && $cost < $best[$state][0]) {
                            $pieces = array_merge(...array_map(
                                fn (int $n, int $length) => array_fill(0, $n, Length::nanometres($length)), $taken, $lengths,
                            ));
                            $best[$state] = [$cost, new StockBoard($stock, $pieces, $lies !== $hand), array_values($taken), $lies];
                        }
                    }

                    return;
                }
                for ($n = $left[$kind] - $taken[$kind]; $n >= 0; $n--) {
                    $with = $used + $n * ($lengths[$kind] + $kerf->nanometres);
                    if (self::cheapestFor($with - $kerf->nanometres, $stocks) !== null || self::outOf($hand, $with - $kerf->nanometres)[0] !== null) {
                        $fill($kind + 1, array_replace($taken, [$kind => $taken[$kind] + $n]), $with);
                    }
                }
            };
            $fill($first, array_replace(array_map(fn () => 0, $left), [$first => 1]), $lengths[$first] + $kerf->nanometres);

            return $best[$state][0];
        };
        $solve($counts, $atHand);
        $boards = [];
        for ([$left, $hand] = [$counts, $atHand]; array_sum($left) > 0;) {
            [, $board, $taken, $hand] = $best[self::key($left, $hand)];
            if ($board === null) {
                break;
            }
            $boards[] = $board;
            $left = array_map(fn (int $l, int $t) => $l - $t, $left, $taken);
        }

        return $boards;
    }

    /**
     * @param  list<Length>  $pieces
     * @param  list<Length>  $atHand
     * @return array{array<int, int>, int} how many of each length, and how many sets of them and of what lies there there are
     */
    public static function states(array $pieces, array $atHand = []): array
    {
        [$wanted, $lies] = array_map(
            fn (array $lengths) => array_count_values(array_map(fn (Length $length) => $length->nanometres, $lengths)), [$pieces, $atHand],
        );

        $states = 1;
        foreach ([...array_values($wanted), ...array_values($lies)] as $count) {
            // Of many lengths a product of whole numbers would run over.
            $states = min(self::MANY, $states * ($count + 1));
        }

        return [$wanted, $states];
    }

    /**
     * @param  list<int>  $left
     * @param  list<Length>  $hand
     */
    private static function key(array $left, array $hand): string
    {
        return implode(',', $left).($hand === [] ? '' : '|'.implode(',', array_map(fn (Length $board) => $board->nanometres, $hand)));
    }

    /**
     * The shortest board that holds so much, and what lies there without it.
     *
     * @param  list<Length>  $hand  shortest first
     * @return array{?Stock, list<Length>}
     */
    private static function outOf(array $hand, int $nanometres): array
    {
        foreach ($hand as $i => $board) {
            if ($board->nanometres >= $nanometres) {
                return [new Stock($board, 0.0), array_values(array_diff_key($hand, [$i => true]))];
            }
        }

        return [null, $hand];
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
