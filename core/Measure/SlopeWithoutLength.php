<?php

declare(strict_types=1);

namespace Aequus\Measure;

use Aequus\Fact\Fact;

/** A gap was read, but not over which length. */
final class SlopeWithoutLength extends Refusal
{
    public static function over(Length $length): self
    {
        return new self(Fact::of(SlopeRefusal::WithoutLength, over: $length));
    }
}
