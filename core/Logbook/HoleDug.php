<?php

declare(strict_types=1);

namespace Aequus\Logbook;

use Aequus\Measure\Length;
use Aequus\Plan\PostId;

/** How deep a hole is, from today’s ground to its clean bottom, and what it met. */
final readonly class HoleDug implements Payload
{
    /**
     * @param  ?Length  $width  where it came out other than planned
     *
     * @throws EntryRefused when the depth or the width is not above zero
     */
    public function __construct(public PostId $post, public Length $depth, public ?Length $width = null, public ?Finding $found = null)
    {
        if ($width !== null && ! $width->isPositive()) {
            throw EntryRefused::widthNotPositive();
        }
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
