<?php

declare(strict_types=1);

namespace App\Paper;

use App\Round\RoundKind;
use App\Type\Say;

/** A sheet of a job’s packet, in the order of the work. */
enum Sheet: string
{
    case Cover = 'cover';
    case Stakes = 'stakes';
    case Rods = 'rods';
    case Dig = 'dig';
    case Pour = 'pour';
    case Plumb = 'plumb';
    case Cuts = 'cuts';
    case Pole = 'pole';
    case Pieces = 'pieces';
    case Bill = 'bill';
    case Cautions = 'cautions';
    case Permit = 'permit';
    case Record = 'record';

    public function inWords(): string
    {
        return Say::text("packet.sheet_{$this->value}");
    }

    /** The round that takes what was written on it, in the same order; null where there is nothing to type. */
    public function round(): ?RoundKind
    {
        return match ($this) {
            self::Stakes => RoundKind::Tapes,
            self::Rods => RoundKind::Rods,
            self::Dig => RoundKind::Holes,
            self::Plumb => RoundKind::Plumb,
            self::Cuts => RoundKind::Tops,
            default => null,
        };
    }
}
