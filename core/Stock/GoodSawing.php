<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/**
 * A good way to saw many pieces from stock: the longest first into the cheapest place that takes them, then the pieces of every one and every two
 * boards shared out anew as long as that costs less.
 */
final class GoodSawing
{
    /** Of pieces of two boards that are shared out anew. */
    private const MOST_STATES_OF_TWO = 256;

    /** Of so few every way on any number of boards is tried, of more those on two. */
    private const FEW_STATES = 48;

    /** So many pairs of boards are shared out anew for one list of stocks: what many odd lengths would take else is told beside the bound. */
    private const MOST_TRIES = 200;

    /** Up to so many stocks every shorter list is tried. */
    private const MOST_TRIED_WITHOUT = 5;

    /**
     * The cheapest plan of this list of stocks and of all that leave some of it out, so that one length more on offer never costs more.
     *
     * @param  array<int, int>  $wanted  how many of each length, longest first
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard>
     */
    public static function of(array $wanted, array $stocks, Length $kerf): array
    {
        $best = [];
        $longest = array_key_first($wanted);
        foreach (self::shorterLists($stocks) as $list) {
            if (max(array_map(fn (Stock $stock) => $stock->length->nanometres, $list)) < $longest) {
                continue;
            }
            $boards = self::improved(
                self::cheaper(array_map(fn (Stock $opened) => self::firstFit($wanted, $opened, $list, $kerf), $list)), $list, $kerf,
            );
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
            $pieces = self::pieces($taken);
            $board = new StockBoard(ExactSawing::cheapestFor(ExactSawing::used($pieces, $kerf), $stocks) ?? $opened, $pieces);
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
            $kinds[$board->key()][] = $board;
        }
        /** @var array<string, true> $best what was tried and costs least as it is */
        $best = [];
        $tries = 0;
        for ($isBetter = true; $isBetter;) {
            $isBetter = false;
            // Where most is left over, most can be won.
            $keys = array_keys($kinds);
            usort($keys, fn (string $a, string $b) => $kinds[$b][0]->rest($kerf)->nanometres <=> $kinds[$a][0]->rest($kerf)->nanometres);
            foreach ($keys as $i => $one) {
                foreach (array_slice($keys, $i) as $other) {
                    $pair = $one === $other && count($kinds[$one]) < 2 ? [$one] : [$one, $other];
                    if (isset($best[implode('|', $pair)])) {
                        continue;
                    }
                    if (++$tries > self::MOST_TRIES) {
                        break 3;
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
                        $kinds[$board->key()][] = $board;
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
            $best = StockBoard::priceOf($plan) < StockBoard::priceOf($best) ? $plan : $best;
        }

        return $best;
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
        [$wanted, $states] = ExactSawing::states($pieces);
        if ($states > self::MOST_STATES_OF_TWO) {
            return null;
        }
        $anew = $states <= self::FEW_STATES ? ExactSawing::of($wanted, $stocks, $kerf) : self::onTwo($wanted, $stocks, $kerf);

        return $anew !== [] && StockBoard::priceOf($anew) < StockBoard::priceOf($boards) - 1e-9 ? $anew : null;
    }

    /**
     * Every way to share pieces out on two boards, or on one.
     *
     * @param  array<int, int>  $wanted  how many of each length, longest first
     * @param  non-empty-list<Stock>  $stocks
     * @return list<StockBoard> the cheapest way; none where two do not hold them
     */
    private static function onTwo(array $wanted, array $stocks, Length $kerf): array
    {
        $ways = [[]];
        foreach ($wanted as $length => $count) {
            $ways = array_merge(...array_map(fn (int $n) => array_map(fn (array $way) => $way + [$length => $n], $ways), range(0, $count)));
        }
        $whole = self::long($wanted, $kerf);
        [$least, $best] = [INF, null];
        foreach ($ways as $way) {
            $one = self::long($way, $kerf);
            [$first, $second] = [
                $one <= 0 ? null : ExactSawing::cheapestFor($one, $stocks),
                $one === $whole ? null : ExactSawing::cheapestFor($one <= 0 ? $whole : $whole - $one - $kerf->nanometres, $stocks),
            ];
            if (($one > 0 && $first === null) || ($one !== $whole && $second === null)) {
                continue;
            }
            $cost = ($first->price ?? 0.0) + ($second->price ?? 0.0);
            [$least, $best] = $cost < $least ? [$cost, [$first, $second, $way]] : [$least, $best];
        }
        if ($best === null) {
            return [];
        }
        [$first, $second, $way] = $best;
        $rest = array_map(fn (int $count, int $n) => $count - $n, $wanted, $way);

        return array_values(array_filter([
            $first === null ? null : new StockBoard($first, self::pieces($way)),
            $second === null ? null : new StockBoard($second, self::pieces(array_combine(array_keys($wanted), $rest))),
        ]));
    }

    /**
     * Taken by so many of each length and the cuts between them, nanometres.
     *
     * @param  array<int, int>  $taken
     */
    private static function long(array $taken, Length $kerf): int
    {
        return array_sum(array_map(fn (int $length, int $n) => $n * ($length + $kerf->nanometres), array_keys($taken), $taken)) - $kerf->nanometres;
    }

    /**
     * @param  array<int, int>  $taken  how many of each length
     * @return list<Length>
     */
    private static function pieces(array $taken): array
    {
        return array_merge([], ...array_map(fn (int $length, int $n) => array_fill(0, $n, Length::nanometres($length)), array_keys($taken), $taken));
    }
}
