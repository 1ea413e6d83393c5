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
    case Plumb = 'plumb';
    case Tops = 'tops';

    public function inWords(): string
    {
        return match ($this) {
            self::Tapes => 'All tapes',
            self::Rods => 'All rods',
            self::Holes => 'All holes',
            self::Plumb => 'Every post for plumb',
            self::Tops => 'All tops',
        };
    }

    /** Name of the page the round belongs to. */
    public function page(): string
    {
        return match ($this) {
            self::Tapes => 'square',
            self::Rods => 'level',
            self::Holes => 'footing.dig',
            self::Plumb => 'set',
            self::Tops => 'cut',
        };
    }

    /** What must be decided before there is anything to read. */
    public function whyEmpty(): string
    {
        return match ($this) {
            self::Tapes => 'Nothing is to be read here.',
            self::Rods => 'Choose a benchmark first.',
            self::Holes => 'No hole has a depth yet: decide the rules of depth and read the ground first.',
            self::Plumb => 'No post stands yet.',
            self::Tops => 'Decide where the tops shall be first, or all are cut.',
        };
    }

    public function phase(): Phase
    {
        return match ($this) {
            self::Tapes => Phase::Square,
            self::Rods => Phase::Level,
            self::Holes => Phase::Footing,
            self::Plumb => Phase::Set,
            self::Tops => Phase::Cut,
        };
    }
}
