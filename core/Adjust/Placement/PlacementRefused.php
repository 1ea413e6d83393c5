<?php

declare(strict_types=1);

namespace Aequus\Adjust\Placement;

use Aequus\Fact\Fact;
use Aequus\Measure\Refusal;

/** A plan that can’t be placed by what is known. */
final class PlacementRefused extends Refusal
{
    public static function because(PlacementRefusal $is): self
    {
        return new self(Fact::of($is));
    }
}
