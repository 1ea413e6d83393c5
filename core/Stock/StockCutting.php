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
     * @param  list<Length>  $atHand  boards that lie there and cost nothing
     *
     * @throws StockRefused naming a piece longer than every stock
     */
    public static function cheapest(array $pieces, array $stocks, Length $kerf, array $atHand = []): self
    {
        usort($pieces, fn (Length $a, Length $b) => $b->nanometres <=> $a->nanometres);
        $longest = max(array_map(fn (Stock $stock) => $stock->length->nanometres, $stocks));
        foreach ($pieces as $piece) {
            if ($piece->nanometres > $longest) {
                throw StockRefused::longerThanEveryStock($piece);
            }
        }
        [$wanted, $states] = ExactSawing::states($pieces, $atHand);
        $boards = $states <= self::MOST_STATES ? ExactSawing::of($wanted, $stocks, $kerf, $atHand) : self::many($pieces, $stocks, $kerf, $atHand);
        $least = min(array_map(fn (Stock $stock) => $stock->price / ($stock->length->nanometres + $kerf->nanometres), $stocks));
        $toBuy = Length::sum($pieces)->minus(Length::sum($atHand))->plus($kerf->times(count($pieces) - count($atHand)));

        return new self($boards, StockBoard::priceOf($boards), $states <= self::MOST_STATES, max(0.0, $toBuy->nanometres * $least));
    }

    /**
     * What lies there is filled first, the longest pieces into the shortest board that takes them.
     *
     * @param  list<Length>  $pieces  longest first
     * @param  non-empty-list<Stock>  $stocks
     * @param  list<Length>  $atHand
     * @return list<StockBoard>
     */
    private static function many(array $pieces, array $stocks, Length $kerf, array $atHand): array
    {
        usort($atHand, fn (Length $a, Length $b) => $a->nanometres <=> $b->nanometres);
        $filled = array_fill(0, count($atHand), []);
        $wanted = [];
        foreach ($pieces as $piece) {
            foreach ($atHand as $i => $board) {
                if (ExactSawing::used([...$filled[$i], $piece], $kerf) <= $board->nanometres) {
                    $filled[$i][] = $piece;

                    continue 2;
                }
            }
            $wanted[$piece->nanometres] = ($wanted[$piece->nanometres] ?? 0) + 1;
        }
        $lying = array_filter(
            array_map(fn (Length $board, array $held) => new StockBoard(new Stock($board, 0.0), $held, true), $atHand, $filled),
            fn (StockBoard $board) => $board->pieces !== [],
        );

        return [...array_values($lying), ...($wanted === [] ? [] : GoodSawing::of($wanted, $stocks, $kerf))];
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
}
