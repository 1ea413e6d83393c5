<?php

declare(strict_types=1);

namespace Aequus\Measure;

/** A gap was read, but not over which length. */
final class SlopeWithoutLength extends Refusal
{
    public static function over(float $millimetres): self
    {
        return new self(sprintf('A reading over %g mm means nothing. Enter the length of the level, or the run, above zero.', $millimetres));
    }
}
