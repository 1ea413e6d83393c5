<?php

declare(strict_types=1);

namespace Aequus\Logbook\Kind;

/** When a post was read for plumb: it turns about its foot while the hole is open, about grade once it is filled. */
enum Stage: string
{
    case HoleOpen = 'hole_open';
    case Lift = 'lift';
    case Filled = 'filled';
    case Hardened = 'hardened';

    public function isFilled(): bool
    {
        return $this === self::Filled || $this === self::Hardened;
    }

    public function isLaterThan(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }
}
