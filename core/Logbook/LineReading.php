<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** How far a stake stands off the one line of the plan that will not move: a wall, a building, a boundary. */
final readonly class LineReading implements StakeReading
{
    /** @param  Length  $off  left of the line’s direction positive */
    public function __construct(public PostId $post, public Length $off)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::LineOffset;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
