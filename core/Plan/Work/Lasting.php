<?php

declare(strict_types=1);

namespace Aequus\Plan\Work;

/** How long it shall stand: it says how the posts are held, and with what all else is fixed to them. */
enum Lasting: string
{
    case Stays = 'stays';
    case OffForWinter = 'off_for_winter';
    case Renewed = 'renewed';
    case PulledOut = 'pulled_out';

    /** Whether the posts themselves shall come out one day. */
    public function comesOut(): bool
    {
        return $this === self::Renewed || $this === self::PulledOut;
    }
}
