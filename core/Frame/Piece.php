<?php

declare(strict_types=1);

namespace Aequus\Frame;

use Aequus\Measure\Length;
use Aequus\Plan\Frame\Layer;

/** One piece of a frame: what it is sawn from, and where it goes. */
final readonly class Piece
{
    /**
     * @param  int  $number  of its layer, from 1, in the order they are set out
     * @param  Length  $length  of the stock it is sawn from
     * @param  bool  $isJoined  whether another piece goes on in line with it
     * @param  float  $slope  rise over run, by which its ends are cut; 0 where they are square
     */
    public function __construct(
        public Layer $layer, public int $number, public Length $length, public Solid $solid, public bool $isJoined = false, public float $slope = 0.0,
    ) {
    }

    /** mm³ */
    public function volume(): float
    {
        return $this->layer->thick->inMillimetres() * $this->layer->deep->inMillimetres() * $this->length->inMillimetres();
    }
}
