<?php

declare(strict_types=1);

namespace Aequus\Stock;

use Aequus\Measure\Length;

/** One bought length and the pieces sawn from it. */
final readonly class StockBoard
{
    /** @param  list<Length>  $pieces longest first */
    public function __construct(public Stock $stock, public array $pieces)
    {
    }

    /** Boards out of one stock with the same pieces have one key. */
    public function key(): string
    {
        return $this->stock->length->nanometres.':'.implode(',', array_map(fn (Length $piece) => $piece->nanometres, $this->pieces));
    }

    /** @param  list<self>  $boards */
    public static function priceOf(array $boards): float
    {
        return array_sum(array_map(fn (self $board) => $board->stock->price, $boards));
    }
}
