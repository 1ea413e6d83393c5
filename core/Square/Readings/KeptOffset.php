<?php

declare(strict_types=1);

namespace Aequus\Square\Readings;

use Aequus\Measure\Length;
use Aequus\Plan\Place\FixedLine;
use Aequus\Plan\Posts\Post;

/** What an offset read from a line says of the distance that posts must keep from it: checked, never binding. */
final readonly class KeptOffset
{
    /** @param  Length  $room  from the line to the nearest face of the post; negative across the line */
    public function __construct(public FixedLine $line, public Post $post, public Length $room)
    {
    }

    public function isKept(): bool
    {
        return $this->line->least === null || ! $this->room->isShorterThan($this->line->least);
    }
}
