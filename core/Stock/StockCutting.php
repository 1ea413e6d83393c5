<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/**
 * Which stock lengths to buy for a list of pieces of one section, and what to saw from each, at the least cost.
 *
 * Pieces of equal length are alike, so the search runs over how many of each are still wanted. While those are few enough the answer
 * is the cheapest there is; beyond that pieces go longest first into the cheapest place that takes them, and then the pieces of every one and every
 * two boards are shared out anew as long as that costs less.
 */
final readonly class StockCutting
{
    private const MOST_STATES = 5_000;

    /** Of pieces of two boards that are shared out anew. */
    private const MOST_STATES_OF_TWO = 256;

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
     * @throws StockRefused naming a piece longer than every stock
     */
    public static function cheapest(array $pieces, array $stocks, Length $kerf): self
    {
        usort($pieces, fn (Length $a, Length $b) => $b->nanometres <=> $a->nanometres);
        $longest = max(array_map(fn (Stock $stock) => $stock->length->nanometres, $stocks));
        foreach ($pieces as $piece) {
            if ($piece->nanometres > $longest) {
                throw StockRefused::longerThanEveryStock($piece);
            }
        }
        [$wanted, $states] = self::states($pieces);
        $boards = $states <= self::MOST_STATES
            ? self::exactly(array_keys($wanted), array_values($wanted), $stocks, $kerf)
            : self::improved(self::firstFit($pieces, $stocks, $kerf), $stocks, $kerf);
        $least = min(array_map(fn (Stock $stock) => $stock->price / ($stock->length->nanometres + $kerf->nanometres), $stocks));

        return new self(
            $boards, self::price($boards), $states <= self::MOST_STATES,
            array_sum(array_map(fn (Length $piece) => ($piece->nanometres + $kerf->nanometres) * $least, $pieces)),
        );
    }

    /**
     * The shortest that a single piece comes from, the cheaper of two alike.
     *
     * @param  non-empty-list<Stock>  $stocks
     *
     * @throws StockRefused when it is longer than all of them
     */
    public static function shortest(Length $piece, array $stocks): Stock
    {
        $able = array_values(array_filter($stocks, fn (Stock $stock) => ! $stock->length->isShorterThan($piece)));
        usort($able, fn (Stock $a, Stock $b) => [$a->length->nanometres, $a->price] <=> [$b->length->nanometres, $b->price]);

        return $able[0] ?? throw StockRefused::longerThanEveryStock($piece);
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
     * @param  list<Length>  $pieces
     * @return array{array<int, int>, int} how many of each length, and how many sets of them there are
     */
    private static function states(array $pieces): array
    {
        $wanted = array_count_values(array_map(fn (Length $piece) => $piece->nanometres, $pieces));

        return [$wanted, (int) array_product(array_map(fn (int $count) => $count + 1, $wanted))];
    }

    /**
     * @param  list<StockBoard>  $boards
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    private static function improved(array $boards, array $stocks, Length $kerf): array
    {
        /** @var array<string, true> $best what was tried and costs least as it is: many boards are alike */
        $best = [];
        for ($isBetter = true; $isBetter;) {
            $isBetter = false;
            for ($i = 0; $i < count($boards); $i++) {
                for ($j = $i; $j < count($boards); $j++) {
                    $now = $i === $j ? [$boards[$i]] : [$boards[$i], $boards[$j]];
                    $key = implode('|', array_map(self::alike(...), $now));
                    $anew = isset($best[$key]) ? null : self::sharedAnew($now, $stocks, $kerf);
                    if ($anew === null) {
                        $best[$key] = true;
                    } else {
                        $boards = [...array_values(array_diff_key($boards, [$i => 0, $j => 0])), ...$anew];
                        $isBetter = true;

                        continue 3;
                    }
                }
            }
        }

        return $boards;
    }

    /**
     * @param  non-empty-list<StockBoard>  $boards
     * @param  non-empty-list<Stock>  $stocks
     * @return ?list<StockBoard> what costs less for the same pieces; null where nothing does, or they are too many to tell
     */
    private static function sharedAnew(array $boards, array $stocks, Length $kerf): ?array
    {
        $pieces = array_merge(...array_map(fn (StockBoard $board) => $board->pieces, $boards));
        usort($pieces, fn (Length $a, Length $b) => $b->nanometres <=> $a->nanometres);
        [$wanted, $states] = self::states($pieces);
        if ($states > self::MOST_STATES_OF_TWO) {
            return null;
        }
        $anew = self::exactly(array_keys($wanted), array_values($wanted), $stocks, $kerf);

        return self::price($anew) < self::price($boards) - 1e-9 ? $anew : null;
    }

    /** Boards out of one stock with the same pieces have one key. */
    private static function alike(StockBoard $board): string
    {
        return $board->stock->length->nanometres.':'.implode(',', array_map(fn (Length $piece) => $piece->nanometres, $board->pieces));
    }

    /** @param  list<StockBoard>  $boards */
    private static function price(array $boards): float
    {
        return array_sum(array_map(fn (StockBoard $board) => $board->stock->price, $boards));
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
