<?php

declare(strict_types=1);

namespace Aequus\Cut;

use Aequus\Measure\Length;
use Aequus\Measure\Refusal;

/** A set-out at the top that can't be made. */
final class CutRefused extends Refusal
{
    public static function longerThanEveryStock(Length $piece): self
    {
        return new self("A piece of {$piece->inMillimetres()} mm is longer than every stock length. Add a longer stock, or splice it over a post.");
    }

    public static function membersDoNotFit(): self
    {
        return new self('So many members do not fit that length, or there are fewer than two. Check count, thickness and length.');
    }
}
