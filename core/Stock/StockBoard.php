<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/** One length, bought or at hand, and the pieces sawn from it. */
final readonly class StockBoard
{
    /**
     * @param  list<Length>  $pieces  longest first
     * @param  bool  $isAtHand  whether it lies there already, and is not bought
     */
    public function __construct(public Stock $stock, public array $pieces, public bool $isAtHand = false)
    {
    }

    /** What is left of it once all its pieces are cut off. */
    public function rest(Length $kerf): Length
    {
        $rest = $this->stock->length->minus(Length::sum($this->pieces))->minus($kerf->times(count($this->pieces)));

        return $rest->isNegative() ? Length::zero() : $rest;
    }

    /** Boards out of one stock with the same pieces have one key. */
    public function key(): string
    {
        return ($this->isAtHand ? 'hand:' : '').$this->stock->length->nanometres.':'.implode(
            ',', array_map(fn (Length $piece) => $piece->nanometres, $this->pieces),
        );
    }

    /** @param  list<self>  $boards */
    public static function priceOf(array $boards): float
    {
        return array_sum(array_map(fn (self $board) => $board->stock->price, $boards));
    }
}
