<?php

declare(strict_types=1);

namespace Aequus\Set;

use Aequus\Measure\Refusal;

/** A plumb reading that can't have been read. */
final class PlumbRefused extends Refusal
{
    public static function noLevelLength(string $face): self
    {
        return new self("The gap on the {$face} face was read over no length. Enter the length of the level.");
    }
}
