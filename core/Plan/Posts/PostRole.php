<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

use Aequus\Fact\Named;

/** Why a post must stand firmer than its neighbours. */
enum PostRole: string implements Named
{
    case Corner = 'corner';
    case Gate = 'gate';
    case Anchor = 'anchor';
    case Bracing = 'bracing';

    public function inWords(): string
    {
        return match ($this) {
            self::Corner => 'corner post',
            self::Gate => 'gate post',
            self::Anchor => 'anchor post',
            self::Bracing => 'bracing post',
        };
    }

    /** A corner carries the braces and the ends of two beams, an anchor what pulls: neither is ever shortened in a hole that stops short. */
    public function isNeverShortened(): bool
    {
        return $this === self::Corner || $this === self::Anchor;
    }
}
