<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;

/** Which diagonal of a frame's top a strap must shorten, and by how much, to make it square. */
final readonly class Strap
{
    private const HAIR_NANOMETRES = 10;

    private function __construct(
        /** Whether it runs from A to C rather than from B to D; null when the top is square. */
        public ?bool $alongAc,
        public Length $shortenBy,
    ) {
    }

    public static function across(Length $length, Length $width, Length $ac, Length $bd): self
    {
        $true = (int) round(hypot($length->nanometres, $width->nanometres));
        $longer = max($ac->nanometres, $bd->nanometres);
        if (abs($ac->nanometres - $bd->nanometres) <= self::HAIR_NANOMETRES) {
            return new self(null, Length::zero());
        }

        return new self($ac->nanometres === $longer, Length::nanometres($longer - $true));
    }
}
