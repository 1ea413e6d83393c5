<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Site\Phase;

/** What is read at every place in one go. */
enum RoundKind: string
{
    case Tapes = 'tapes';
    case Rods = 'rods';
    case Holes = 'holes';
    case Tops = 'tops';

    public function inWords(): string
    {
        return match ($this) {
            self::Tapes => 'All tapes',
            self::Rods => 'All rods',
            self::Holes => 'All holes',
            self::Tops => 'All tops',
        };
    }

    public function phase(): Phase
    {
        return match ($this) {
            self::Tapes => Phase::Square,
            self::Rods => Phase::Level,
            self::Holes => Phase::Footing,
            self::Tops => Phase::Cut,
        };
    }
}
