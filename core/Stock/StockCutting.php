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
        [$wanted, $states] = ExactSawing::states($pieces);
        $boards = $states <= self::MOST_STATES
            ? ExactSawing::of($wanted, $stocks, $kerf) : GoodSawing::of($wanted, $stocks, $kerf);
        $least = min(array_map(fn (Stock $stock) => $stock->price / ($stock->length->nanometres + $kerf->nanometres), $stocks));

        return new self(
            $boards, StockBoard::priceOf($boards), $states <= self::MOST_STATES,
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
}
