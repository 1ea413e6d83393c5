<?php

declare(strict_types=1);

namespace Aequus\Square;

use Aequus\Measure\Length;

/** Whether six distances between four corners can all be true at once. */
final readonly class Closure
{
    private function __construct(
        /** How far the second diagonal is from where the other five put it, signed; null when no figure at all has these sides. */
        public ?Length $misfit,
        /** The largest misfit the tapes’ own uncertainty explains. */
        public Length $allowed,
        /** The misfit in standard deviations. */
        public float $standardised,
        public bool $holds,
    ) {
    }

    /** @param  float  $sigma of the misfit, mm */
    public static function of(Length $misfit, float $sigma, float $critical): self
    {
        $standardised = $misfit->inMillimetres() / $sigma;

        return new self($misfit, Length::millimetres($critical * $sigma), $standardised, abs($standardised) <= $critical);
    }

    /** The distances do not even close a triangle. */
    public static function impossible(): self
    {
        return new self(null, Length::zero(), INF, false);
    }
}
