<?php

declare(strict_types=1);

namespace Aequus\Level;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** A levelling sum that can’t be worked out. */
final class LevelRefused extends Refusal
{
    public static function sightsAlike(): self
    {
        return new self(Fact::of(LevelRefusal::SightsAlike));
    }
}
