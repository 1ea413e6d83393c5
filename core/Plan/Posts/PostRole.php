<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

/** Why a post must stand firmer than its neighbours. */
enum PostRole: string
{
    case Corner = 'corner';
    case Gate = 'gate';
    case Anchor = 'anchor';
    case Bracing = 'bracing';

    /** A corner carries the braces and the ends of two beams, an anchor what pulls: neither is ever shortened in a hole that stops short. */
    public function isNeverShortened(): bool
    {
        return $this === self::Corner || $this === self::Anchor;
    }
}
