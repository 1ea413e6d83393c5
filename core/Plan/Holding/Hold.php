<?php

declare(strict_types=1);

namespace Aequus\Plan\Holding;

/** A way to hold a post in or on the ground. */
enum Hold: string
{
    case Concrete = 'concrete';
    case Collar = 'collar';
    case Gravel = 'gravel';
    case Earth = 'earth';
    case Foam = 'foam';
    case Pier = 'pier';
    case Driven = 'driven';

    /** Whether the post itself stands in the ground. */
    public function isBuried(): bool
    {
        return $this !== self::Pier;
    }

    /** Whether a hole is dug for it. */
    public function isDug(): bool
    {
        return $this !== self::Driven;
    }

    /** Whether the post stands in a hole, on a pad of its own. */
    public function hasPad(): bool
    {
        return $this->isDug() && $this->isBuried();
    }

    /** Whether its fill is mixed with cement. */
    public function takesCement(): bool
    {
        return $this->isPoured() && $this !== self::Foam;
    }

    /** Whether something is poured that has to set. */
    public function isPoured(): bool
    {
        return in_array($this, [self::Concrete, self::Collar, self::Pier, self::Foam], true);
    }
}
