<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Measure\Length;

/** One tape or one offset, and all that was read of it that counts now. */
final readonly class TakenReading
{
    /**
     * @param  non-empty-list<int>  $sequences  of its readings in the logbook
     * @param  Length  $reads  their mean; off a string or line, left of the way along it positive
     * @param  int  $times  how often it was read, corrected readings included
     */
    public function __construct(public Wanted $wanted, public array $sequences, public Length $reads, public int $times)
    {
    }

    public function wasReadAgain(): bool
    {
        return $this->times > 1;
    }

    /** Read less true, as a person sees it who does not know on which side of a string or line the stake stands. */
    public function misfit(float $mistake): Length
    {
        return Length::millimetres($this->reads->isNegative() ? -$mistake : $mistake);
    }
}
