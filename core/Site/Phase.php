<?php

declare(strict_types=1);

namespace Aequus\Site;

use Aequus\Fact\Named;

/** The phases of a job, in working order. */
enum Phase: string implements Named
{
    case Plan = 'plan';
    case Clear = 'clear';
    case Square = 'square';
    case Level = 'level';
    case Footing = 'footing';
    case Set = 'set';
    case Cut = 'cut';
    case Handover = 'handover';

    public function inWords(): string
    {
        return $this === self::Handover ? 'Hand over' : ucfirst($this->value);
    }
}
