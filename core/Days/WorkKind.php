<?php

declare(strict_types=1);

namespace Aequus\Days;

/** What work is, as far as weather and nights go. */
enum WorkKind: string
{
    case Dig = 'dig';
    case Set = 'set';
    case Pour = 'pour';
    case TiltUp = 'tilt_up';
    case Beam = 'beam';
    case Cut = 'cut';
    case Other = 'other';

    /** Whether it may stop for the night or the weather, and go on. */
    public function stops(): bool
    {
        return $this === self::Dig || $this === self::Cut;
    }
}
