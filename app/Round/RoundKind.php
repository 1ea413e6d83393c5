<?php

declare(strict_types=1);

namespace App\Round;

use Aequus\Site\Phase;
use App\Type\Say;

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
            self::Tapes => Say::text('round.round_kind.all_tapes'),
            self::Rods => Say::text('round.round_kind.all_rods'),
            self::Holes => Say::text('round.round_kind.all_holes'),
            self::Plumb => Say::text('round.round_kind.every_post_for_plumb'),
            self::Tops => Say::text('round.round_kind.all_tops'),
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
            self::Tapes => Say::text('round.round_kind.nothing_is_to_be_read'),
            self::Rods => Say::text('round.round_kind.choose_a_benchmark_first'),
            self::Holes => Say::text('round.round_kind.no_hole_has_a_depth'),
            self::Plumb => Say::text('round.round_kind.no_post_stands_yet'),
            self::Tops => Say::text('round.round_kind.decide_where_the_tops_shall'),
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
