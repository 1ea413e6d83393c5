<?php

declare(strict_types=1);

namespace Aequus\Plan\Posts;

/** What of a post has a height of its own. */
enum PostFeature: string
{
    case Ground = 'ground';
    case Top = 'top';
    case Seat = 'seat';
    case Hole = 'hole';
    case Rail = 'rail';
    case Anchor = 'anchor';

    /** As it is called on the quick line, and everywhere else. */
    public function spoken(): string
    {
        return match ($this) {
            self::Ground => 'ground',
            self::Top => 'top',
            self::Seat => 'seat',
            self::Hole => 'bolt hole',
            self::Rail => 'rail',
            self::Anchor => 'anchor',
        };
    }
}
