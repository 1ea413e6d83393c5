<?php

declare(strict_types=1);

namespace Aequus\Plan\Grid;

use Aequus\Measure\Length;
use Aequus\Measure\Notation;

/** From the face of a thing to the centre of its hole, through every part between. Rounded once, at the end. */
final readonly class OffsetChain
{
    public Length $sum;

    /** @param  list<Length>  $offsets signed, away from the face positive */
    public function __construct(array $offsets)
    {
        $this->sum = Length::sum($offsets);
    }

    public function printed(Notation $notation): string
    {
        return $notation->write($this->sum);
    }
}
