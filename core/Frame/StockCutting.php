<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;

/**
 * Which stock lengths to buy for a list of pieces of one section, and what to saw from each, at the least cost.
 *
 * Pieces of equal length are alike, so the search runs over how many of each are still wanted. While those are few enough the answer
 * is the cheapest there is; beyond that pieces go longest first into the cheapest place that takes them.
 */
final readonly class StockCutting
{
    private const MOST_STATES = 5_000;

    /** @param  list<StockBoard>  $boards */
    private function __construct(
        public array $boards,
        public float $cost,
        /** Whether no cheaper way exists. */
        public bool $exact,
        /** No way can cost less than this. */
        public float $bound,
    ) {
    }

    /**
     * @param  non-empty-list<Length>  $pieces
     * @param  non-empty-list<Stock>  $stocks
     * @param  Length  $kerf  lost at every cut between two pieces
     *
     * @throws FrameRefused naming a piece longer than every stock
     */
    public static function cheapest(array $pieces, array $stocks, Length $kerf): self
    {
        usort($pieces, fn (Length $a, Length $b) => $b->nanometres <=> $a->nanometres);
        $longest = max(array_map(fn (Stock $stock) => $stock->length->nanometres, $stocks));
        foreach ($pieces as $piece) {
            if ($piece->nanometres > $longest) {
                throw FrameRefused::longerThanEveryStock($piece);
            }
        }
        $wanted = array_count_values(array_map(fn (Length $piece) => $piece->nanometres, $pieces));
        $states = array_product(array_map(fn (int $count) => $count + 1, $wanted));
        $boards = $states <= self::MOST_STATES
            ? self::exactly(array_keys($wanted), array_values($wanted), $stocks, $kerf)
            : self::firstFit($pieces, $stocks, $kerf);
        $least = min(array_map(fn (Stock $stock) => $stock->price / ($stock->length->nanometres + $kerf->nanometres), $stocks));

        return new self(
            $boards, array_sum(array_map(fn (StockBoard $board) => $board->stock->price, $boards)), $states <= self::MOST_STATES,
            array_sum(array_map(fn (Length $piece) => ($piece->nanometres + $kerf->nanometres) * $least, $pieces)),
        );
    }

    /**
     * @param  list<int>  $lengths  longest first, nanometres
     * @param  list<int>  $counts
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    private static function exactly(array $lengths, array $counts, array $stocks, Length $kerf): array
    {
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
     * First fit decreasing, then every board exchanged for the cheapest stock that still holds its pieces.
     *
     * @param  non-empty-list<Length>  $pieces  longest first
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    private static function firstFit(array $pieces, array $stocks, Length $kerf): array
    {
        $best = [];
        $leastCost = INF;
        foreach ($stocks as $opened) {
            $boards = [];
            foreach ($pieces as $piece) {
                foreach ($boards as $i => $board) {
                    if (self::used([...$board, $piece], $kerf) <= max($opened->length->nanometres, self::used($board, $kerf))) {
                        $boards[$i][] = $piece;

                        continue 2;
                    }
                }
                $boards[] = [$piece];
            }
            $made = array_map(
                fn (array $board) => new StockBoard(self::cheapestFor(self::used($board, $kerf), $stocks) ?? $opened, $board), array_values($boards),
            );
            $cost = array_sum(array_map(fn (StockBoard $board) => $board->stock->price, $made));
            if ($cost < $leastCost) {
                [$best, $leastCost] = [$made, $cost];
            }
        }

        return $best;
    }

    /** @param  list<Length>  $pieces */
    private static function used(array $pieces, Length $kerf): int
    {
        return Length::sum($pieces)->nanometres + (count($pieces) - 1) * $kerf->nanometres;
    }

    /** @param  non-empty-list<Stock>  $stocks */
    private static function cheapestFor(int $nanometres, array $stocks): ?Stock
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
