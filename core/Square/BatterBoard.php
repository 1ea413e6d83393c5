<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Measure\Length;
use Aequus\Plan\Side;

/** One board: on which side it stands, from where to where, and the nails on its top. */
final readonly class BatterBoard
{
    /**
     * @param  Length  $start  of the board, along the side it stands on, from the zero of the marks
     * @param  Length  $stands  where it stands across: from the zero of the other marks
     * @param  non-empty-list<Nail>  $nails
     */
    public function __construct(
        public Side $side,
        public Length $start,
        public Length $end,
        public Length $stands,
        public array $nails,
    ) {
    }

    public function length(): Length
    {
        return $this->end->minus($this->start);
    }
}
