<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** A plumb reading that can't have been read. */
final class PlumbRefused extends Refusal
{
    public static function noLevelLength(string $face): self
    {
        return new self(Fact::of(PlumbRefusal::NoLevelLength, face: $face));
    }
}
