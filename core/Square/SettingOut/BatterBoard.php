<?php

declare(strict_types=1);

namespace Aequus\Square\SettingOut;

use Aequus\Measure\Length;
use Aequus\Plan\Terms\Side;

/** One board: on which side it stands, from where to where, and the nails on its top. */
final readonly class BatterBoard
{
    /**
     * @param  Length  $start  of the board, along the side it stands on, from the zero of the marks
     * @param  Length  $stands  where it stands across: from the zero of the other marks
     * @param  Length  $setback  from the outer posts to it
     * @param  non-empty-list<Nail>  $nails
     * @param  ?BoardObstacle  $obstacle  why it does not stand where the plan sets boards back to; null where it does
     * @param  bool  $canStand  whether there is a place for it at all
     */
    public function __construct(
        public Side $side,
        public Length $start,
        public Length $end,
        public Length $stands,
        public Length $setback,
        public array $nails,
        public ?BoardObstacle $obstacle = null,
        public bool $canStand = true,
    ) {
    }

    public function length(): Length
    {
        return $this->end->minus($this->start);
    }
}
