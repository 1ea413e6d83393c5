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

    /** Up to so many stocks every shorter list is tried. */
    private const MOST_TRIED_WITHOUT = 5;

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
            : self::nearly($wanted, $stocks, $kerf);
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
     * The cheapest plan of this list of stocks and of all that leave some of it out, so that one length more on offer never costs more.
     *
     * @param  array<int, int>  $wanted  how many of each length, longest first
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    private static function nearly(array $wanted, array $stocks, Length $kerf): array
    {
        $best = [];
        $longest = array_key_first($wanted);
        foreach (self::shorterLists($stocks) as $list) {
            if (max(array_map(fn (Stock $stock) => $stock->length->nanometres, $list)) < $longest) {
                continue;
            }
            $boards = self::improved(self::cheaper(array_map(fn (Stock $opened) => self::firstFit($wanted, $opened, $list, $kerf), $list)), $list, $kerf);
            $best = $best === [] ? $boards : self::cheaper([$best, $boards]);
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Stock>  $stocks
     * @return list<non-empty-list<Stock>> every list that leaves some out, the whole one too; of many stocks only those that leave out the last ones
     */
    private static function shorterLists(array $stocks): array
    {
        $lists = [];
        if (count($stocks) > self::MOST_TRIED_WITHOUT) {
            for ($n = count($stocks); $n > 0; $n--) {
                $lists[] = array_slice($stocks, 0, $n);
            }

            return array_values(array_filter($lists));
        }
        for ($set = (1 << count($stocks)) - 1; $set > 0; $set--) {
            $lists[] = array_values(array_filter($stocks, fn (int $i) => ($set >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
        }

        return array_values(array_filter($lists));
    }

    /**
     * Board by board the longest pieces that still go into the length that is opened, then the cheapest stock that holds them: first fit decreasing.
     *
     * @param  array<int, int>  $left  how many of each length, longest first
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    private static function firstFit(array $left, Stock $opened, array $stocks, Length $kerf): array
    {
        $boards = [];
        while ($left !== []) {
            $room = max($opened->length->nanometres, array_key_first($left)) + $kerf->nanometres;
            $taken = [];
            foreach ($left as $length => $count) {
                $n = min($count, intdiv($room, $length + $kerf->nanometres));
                $taken = $n > 0 ? $taken + [$length => $n] : $taken;
                $room -= $n * ($length + $kerf->nanometres);
            }
            $pieces = [];
            foreach ($taken as $length => $n) {
                $pieces = [...$pieces, ...array_fill(0, $n, Length::nanometres($length))];
            }
            $board = new StockBoard(self::cheapestFor(self::used($pieces, $kerf), $stocks) ?? $opened, $pieces);
            // As often as there are pieces for it.
            $alike = min([PHP_INT_MAX, ...array_map(fn (int $length, int $n) => intdiv($left[$length], $n), array_keys($taken), $taken)]);
            $boards = [...$boards, ...array_fill(0, $alike, $board)];
            foreach ($taken as $length => $n) {
                $left[$length] -= $alike * $n;
            }
            $left = array_filter($left);
        }

        return $boards;
    }

    /**
     * @param  list<StockBoard>  $boards
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    private static function improved(array $boards, array $stocks, Length $kerf): array
    {
        /** @var array<string, list<StockBoard>> $kinds boards out of one stock with the same pieces */
        $kinds = [];
        foreach ($boards as $board) {
            $kinds[self::alike($board)][] = $board;
        }
        /** @var array<string, true> $best what was tried and costs least as it is */
        $best = [];
        for ($isBetter = true; $isBetter;) {
            $isBetter = false;
            $keys = array_keys($kinds);
            foreach ($keys as $i => $one) {
                foreach (array_slice($keys, $i) as $other) {
                    $pair = $one === $other && count($kinds[$one]) < 2 ? [$one] : [$one, $other];
                    if (isset($best[implode('|', $pair)])) {
                        continue;
                    }
                    $anew = self::sharedAnew(array_map(fn (string $key) => $kinds[$key][0], $pair), $stocks, $kerf);
                    if ($anew === null) {
                        $best[implode('|', $pair)] = true;

                        continue;
                    }
                    foreach ($pair as $key) {
                        array_pop($kinds[$key]);
                    }
                    foreach ($anew as $board) {
                        $kinds[self::alike($board)][] = $board;
                    }
                    $kinds = array_filter($kinds);
                    $isBetter = true;

                    continue 3;
                }
            }
        }

        return array_merge(...array_values($kinds));
    }

    /**
     * @param  non-empty-list<list<StockBoard>>  $plans
     * @return list<StockBoard> the first of the cheapest
     */
    private static function cheaper(array $plans): array
    {
        $best = $plans[0];
        foreach ($plans as $plan) {
            $best = self::price($plan) < self::price($best) ? $plan : $best;
        }

        return $best;
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
