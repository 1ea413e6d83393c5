<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** How deep a hole is, from today’s ground to its clean bottom. */
final readonly class HoleDug implements Payload
{
    /** @throws EntryRefused when the depth is not above zero */
    public function __construct(public PostId $post, public Length $depth)
    {
        if (! $depth->isPositive()) {
            throw EntryRefused::depthNotPositive();
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Hole;
    }

    public function posts(): array
    {
        return [$this->post];
    }
}
