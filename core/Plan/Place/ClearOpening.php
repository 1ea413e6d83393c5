<?php

declare(strict_types=1);

namespace Aequus\Plan\Place;

use Aequus\Measure\Length;

/** The room left between two posts, and whether a machine with its margin passes. */
final readonly class ClearOpening
{
    public Length $opening;

    public Length $needed;

    public bool $passes;

    /**
     * @param  list<Length>  $halfWidths  of the two posts, along the opening
     * @param  list<Length>  $projections  what is fixed to the posts and reaches into the opening
     * @param  Length  $margin  wanted on each side of the machine
     */
    public function __construct(Length $centreSpacing, array $halfWidths, array $projections, Length $machine, Length $margin)
    {
        $this->opening = $centreSpacing->minus(Length::sum($halfWidths))->minus(Length::sum($projections));
        $this->needed = $machine->plus($margin->times(2));
        $this->passes = ! $this->opening->isShorterThan($this->needed);
    }
}
